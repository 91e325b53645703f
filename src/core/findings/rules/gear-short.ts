import type { Finding, Judged } from '../finding'

/** More of a kind and size wanted at once than the hall has. */
export function gearShort({ computed }: Judged): Finding[] {
  return computed.gear.lines
    .filter((line) => line.short > 0)
    .map((line) => ({
      id: `gearShort-${line.kindId}-${line.sizeId}`,
      severity: 'mend' as const,
      what: `${[line.kindName, line.sizeLabel].filter(Boolean).join(' ')}: ${line.most} wanted, ${line.owned} owned`,
      why: 'See Gear for the turns in which it is short.',
    }))
}
