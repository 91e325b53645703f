import { describe, expect, it } from 'vitest'
import { asTypescript } from './astro-pages'

const page = `---
import Planner from '@ui/shell/Planner.astro'
const found = await find(() => { return 1 })
if (!found) return Astro.rewrite('/404')
if (found === 2) {
  return later(found)
}
---

<Planner title={found.name} />
`

describe('a page of Astro for the compiler', () => {
  it('throws what it answers before it is printed, and returns from functions as before', async () => {
    const lines = (await asTypescript(page, 'src/pages/one.astro')).split('\n').map((line) => line.trim())
    expect(lines).toContain("if (!found) throw Astro.rewrite('/404')")
    expect(lines).toContain('throw later(found)')
    expect(lines).toContain('const found = await find(() => { return 1 })')
    expect(lines).toContain('<Planner title={found.name} />')
  })

  it('is read to its end where it answers whatever happens', async () => {
    expect(await asTypescript(`---\nreturn Astro.redirect('/')\n---\n`, 'src/pages/two.astro')).toContain(
      "if (Astro) throw Astro.redirect('/')",
    )
  })

  it('has what Astro has in scope, once', async () => {
    const props = `---\ninterface Props { title: string }\nconst { title } = Astro.props\n---\n<h1>{title}</h1>\n`
    for (const source of [page, props]) {
      const text = await asTypescript(source, 'src/pages/one.astro')
      expect(text.match(/declare const Astro:/g)).toHaveLength(1)
      expect(text.match(/declare const Fragment:/g)).toHaveLength(1)
    }
    expect(await asTypescript(props, 'src/pages/one.astro')).toContain('AstroGlobal<Props')
  })
})
