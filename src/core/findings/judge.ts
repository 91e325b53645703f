import type { Finding, Judged, Rule } from './finding'
import { briefing } from './rules/briefing'
import { coolDown } from './rules/cool-down'
import { gearShort } from './rules/gear-short'
import { lowCeiling } from './rules/low-ceiling'
import { noOption } from './rules/no-option'
import { regionTwice } from './rules/region-twice'
import { sideShort } from './rules/side-short'
import { slot } from './rules/slot'
import { upsAndDowns } from './rules/ups-and-downs'
import { warmUp } from './rules/warm-up'
import { water } from './rules/water'
import { zeroGap } from './rules/zero-gap'

const rules: Rule[] = [slot, zeroGap, briefing, sideShort, lowCeiling, noOption, gearShort, warmUp, coolDown, water, regionTwice, upsAndDowns]

const weight = { mend: 0, weigh: 1, fine: 2 } as const

/** All findings of a class: what to mend first, then what to weigh, then what is fine. */
export function judge(judged: Judged): Finding[] {
  return rules.flatMap((rule) => rule(judged)).sort((a, b) => weight[a.severity] - weight[b.severity])
}
