import type { Plugin, Rollup } from 'vite'
import { planChunks } from './plan-chunks.ts'

type Meta = Parameters<Rollup.GetManualChunk>[1]

/** Puts what several pages ask for into few files, in the build for browsers. */
export const chunks = {
  name: 'chunks',
  apply: 'build',
  applyToEnvironment: (environment) => environment.name === 'client',
  outputOptions(options) {
    let planned: Map<string, string> | undefined
    return { ...options, manualChunks: (id, meta) => (planned ??= planChunks(modulesOf(meta))).get(id) }
  },
} satisfies Plugin

function modulesOf(meta: Meta) {
  return [...meta.getModuleIds()]
    .map((id) => meta.getModuleInfo(id)!)
    .filter((module) => !module.isExternal)
    .map((module) => ({
      id: module.id,
      imports: module.importedIds,
      later: module.dynamicallyImportedIds,
      hasTabs: module.id.endsWith('/src/ui/class/views.tsx'),
      isEntry: module.isEntry,
      size: module.isIncluded ? (module.code?.length ?? 0) : 0,
    }))
}
