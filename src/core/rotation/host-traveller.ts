import { success, type Result } from '../base/result'
import type { Rotation } from './rotation'
import { fileGuarantees, tooManyForFiles } from './two-files'
import { tableOf } from './table'

/** One partner keeps a home station for a lap, the other travels; on the next lap they change about. */
export function hostAndTraveller(stations: number, people: number, turns: number): Result<Rotation> {
  const refused = tooManyForFiles(people, stations, 50)
  if (refused) return refused
  const paths = Array.from({ length: people }, (_, person) => {
    const home = Math.floor(person / 2) % stations
    return Array.from({ length: turns }, (_, turn) => {
      const travels = (person % 2 === 0) !== (Math.floor(turn / stations) % 2 === 0)
      return travels ? (home + turn) % stations : home
    })
  })
  return success({
    turns: tableOf(paths, stations, turns),
    paths,
    mixes: true,
    say: `First partner: stay at your station${turns > stations ? ' for this lap' : ''}. Second partner: one station on.${turns > stations ? ' On the next lap you change about.' : ''}`,
    guarantees: fileGuarantees(paths, stations),
  })
}
