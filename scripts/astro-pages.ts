import { convertToTSX } from '@astrojs/compiler'
import ts from 'typescript'

/** What a page has in scope without a word. */
const inScope = `declare const Fragment: import('react').ExoticComponent<{ children?: unknown }>`
const pageItself = `declare const Astro: import('astro').AstroGlobal`

/**
 * A page or component of Astro as the compiler of TypeScript reads it, line for line. What it answers with before anything is printed
 * (`return` outside any function, which is Astro's alone) is thrown here: for the types of what follows that is the same.
 */
export async function asTypescript(page: string, path: string): Promise<string> {
  const { code } = await convertToTSX(page, { filename: path })
  const written = code.replace(/\n\/\/# sourceMappingURL=.*\s*$/, '\n')
  const source = ts.createSourceFile(`${path}.tsx`, written, ts.ScriptTarget.Latest, false, ts.ScriptKind.TSX)
  const answers: { at: number; thrown: string }[] = []
  const look = (node: ts.Node, within: ts.Node): void => {
    // An answer whatever happens would leave the rest unreachable.
    if (ts.isReturnStatement(node))
      answers.push({ at: node.getStart(source), thrown: ts.isSourceFile(within) ? 'if (Astro) throw' : 'throw' })
    if (!ts.isFunctionLike(node)) ts.forEachChild(node, (child) => look(child, node))
  }
  look(source, source)
  const readable = answers.reduceRight((text, { at, thrown }) => text.slice(0, at) + thrown + text.slice(at + 'return'.length), written)
  return [readable, ...(written.includes('declare const Astro:') ? [] : [pageItself]), inScope, ''].join('\n')
}
