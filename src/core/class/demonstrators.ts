import type { ClassDocument } from './class-document'

/** The versions of an exercise that somebody can show. */
export const versions = ['easier', 'standard', 'harder'] as const

/** Whom to follow for which version: `Easier: follow Ilse. Harder: follow Tove.` Empty when nobody shows, or is here to. */
export function followSentence(
  { demonstrators, here }: Pick<ClassDocument, 'demonstrators' | 'here'>,
  nameOf: (id: string) => string,
): string {
  const texts = versions.flatMap((version) => {
    const id = demonstrators?.[version]
    return id && here.includes(id) ? [`${version.charAt(0).toUpperCase()}${version.slice(1)}: follow ${nameOf(id)}.`] : []
  })
  return texts.join(' ')
}
