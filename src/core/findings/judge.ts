import type { Finding, FindingRule } from './rules/finding'
import type { Judged } from '../class/fix'
import { briefing } from './rules/briefing'
import { coolDown } from './rules/cool-down'
import { aim } from './rules/aim'
import { firstLap } from './rules/first-lap'
import { floorSpace } from './rules/floor-space'
import { gearShort } from './rules/gear-short'
import { gripTwice } from './rules/grip-twice'
import { impactTwice } from './rules/impact-twice'
import { lowCeiling } from './rules/low-ceiling'
import { manyJumps } from './rules/many-jumps'
import { namesOutOfReach } from './rules/names-out-of-reach'
import { noOption } from './rules/no-option'
import { notOfHall } from './rules/not-of-hall'
import { noteNumbers } from './rules/note-numbers'
import { outOfSight } from './rules/out-of-sight'
import { regionTwice } from './rules/region-twice'
import { shortTransition } from './rules/short-transition'
import { sideShort } from './rules/side-short'
import { sidesUnsaid } from './rules/sides-unsaid'
import { slot } from './rules/slot'
import { stationFloor } from './rules/station-floor'
import { twoClasses } from './rules/two-classes'
import { unplanned } from './rules/unplanned'
import { upsAndDowns } from './rules/ups-and-downs'
import { warmUp } from './rules/warm-up'
import { water } from './rules/water'
import { workRest } from './rules/work-rest'
import { zeroGap } from './rules/zero-gap'

const rules: FindingRule[] = [
  slot,
  zeroGap,
  noteNumbers,
  briefing,
  firstLap,
  sideShort,
  sidesUnsaid,
  stationFloor,
  shortTransition,
  floorSpace,
  lowCeiling,
  notOfHall,
  noOption,
  gearShort,
  twoClasses,
  outOfSight,
  namesOutOfReach,
  aim,
  unplanned,
  workRest,
  manyJumps,
  warmUp,
  coolDown,
  water,
  regionTwice,
  gripTwice,
  impactTwice,
  upsAndDowns,
]

const weight = { mend: 0, weigh: 1, fine: 2 } as const

/** All findings of a class: what to mend first, then what to weigh, then what is fine. */
export function judge(judged: Judged): Finding[] {
  return rules.flatMap((rule) => rule(judged)).sort((a, b) => weight[a.severity] - weight[b.severity])
}
