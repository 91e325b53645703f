import peggy from 'peggy'
import type { Plugin } from 'vite'

/** Makes the parser of a grammar where it is imported, so that none made earlier can differ from it. */
export const grammars: Plugin = {
  name: 'grammars',
  transform(code, id) {
    if (!id.endsWith('.peggy')) return undefined
    return { code: peggy.generate(code, { output: 'source', format: 'es', grammarSource: id }), map: null }
  },
}
