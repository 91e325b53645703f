import { elsewhere } from './rotation'

/** Paths of units as a table: `[turn][station]` → the units there. */
export function tableOf(paths: readonly (readonly number[])[], stations: number, turns: number): number[][][] {
  return Array.from({ length: turns }, (_, turn) => {
    const here: number[][] = Array.from({ length: stations }, () => [])
    paths.forEach((path, unit) => {
      const station = path[turn]
      if (station !== undefined && station !== elsewhere) here[station]!.push(unit)
    })
    return here
  })
}
