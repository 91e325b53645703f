import { otherStarts } from '../../gear/shortage/other-starts'
import type { Finding } from './finding'
import type { Judged } from '../../class/fix'

/** More of a kind and size wanted at once than the hall has. */
export function gearShort(judged: Judged): Finding[] {
  const lines = judged.computed.gear.lines.filter((line) => line.short > 0)
  if (lines.length === 0) return []
  const fix = otherStarts(judged)
  return lines.map((line) => ({
    id: `gearShort-${line.kindId}-${line.sizeId}`,
    severity: 'mend' as const,
    what: `${[line.kindName, line.sizeLabel].filter(Boolean).join(' ')}: ${line.most} wanted, ${line.owned} available`,
    why: 'See Gear for the turns in which it is short.',
    ...(fix && { fix }),
  }))
}
