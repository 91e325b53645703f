import { may, rights, type Right } from '../src/server/access/rights'
import { Role } from '../src/core/access/role'

const links: Partial<Record<Right, string>> = { controls: 'of its controls', link: 'of its own' }

/** The table of docs/access.md: each page and endpoint, and who may ask for it. */
export function accessTable(): string {
  const rows = Object.entries(rights).flatMap(([route, methods]) =>
    Object.entries(methods).map(([method, right]) => {
      const roles = Role.options.map((role) => (may(role, right) && right !== 'link' ? '✓' : ''))
      return `| ${method} | \`${route}\` | ${[...roles, links[right] ?? '', right === 'anyone' ? '✓' : ''].join(' | ')} |`
    }),
  )
  return [
    '| | route | owner | coach | assistant | holder of the link | nobody |',
    '| --- | --- | --- | --- | --- | --- | --- |',
    ...rows,
  ].join('\n')
}
