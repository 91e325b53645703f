import { readFile } from 'node:fs/promises'
import type { Plugin } from 'vite'

const parts = /\/zod\/v4\/core\/(json-schema-processors|to-json-schema)\.js$/

/**
 * Leaves out of what browsers fetch how Zod describes schemas as JSON Schema: every schema carries it, so it is never shaken off, and
 * nothing here asks for it. Each of its functions is there by name, and does nothing.
 */
export const withoutJsonSchema: Plugin = {
  name: 'without-json-schema',
  async load(id, options) {
    if (options?.ssr || !parts.test(id)) return
    const names = [...(await readFile(id, 'utf8')).matchAll(/^export (?:const|function|class) (\w+)/gm)].map(([, name]) => name)
    return `const none = () => undefined\n${names.map((name) => `export const ${name} = none`).join('\n')}`
  },
}
