import type { ClassDocument } from './class-document'

/** The versions of an exercise that somebody can show. */
export const versions = ['easier', 'standard', 'harder'] as const

type Shown = Pick<ClassDocument, 'demonstrators'>

/** Who shows which version: the easier one nobody who has not agreed to it. */
export function showing({ demonstrators = {} }: Shown): Partial<Record<(typeof versions)[number], string>> {
  const { easier, agreed, ...others } = demonstrators
  return { ...(easier !== undefined && easier === agreed && { easier }), ...others }
}

/** Whom to follow for which version: `Easier: follow Ilse. Harder: follow Tove.` Empty when nobody shows, or is here to. */
export function followSentence(document: Pick<ClassDocument, 'demonstrators' | 'here'>, nameOf: (id: string) => string): string {
  const shown = showing(document)
  const texts = versions.flatMap((version) => {
    const id = shown[version]
    return id && document.here.includes(id) ? [`${version.charAt(0).toUpperCase()}${version.slice(1)}: follow ${nameOf(id)}.`] : []
  })
  return texts.join(' ')
}
