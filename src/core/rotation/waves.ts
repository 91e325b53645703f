import { success, type Result } from '../base/result'
import { elsewhere, type Rotation } from './rotation'

/**
 * The rotation of a class that works in waves: the first half of the groups goes through all turns of `rotate` first, then the
 * second half. One wave is the rotation itself. `rotate` answers for the sizes of one wave's groups; its failures are passed on.
 */
export function inWaves(
  groupSizes: readonly number[],
  waves: 1 | 2,
  rotate: (groupSizes: readonly number[]) => Result<Rotation>,
): Result<Rotation> {
  if (waves === 1) return rotate(groupSizes)
  // Whoever moves alone has partners to change with: each wave takes pairs of them.
  const alone = groupSizes.every((size) => size === 1)
  const half = alone ? 2 * Math.ceil(groupSizes.length / 4) : Math.ceil(groupSizes.length / 2)
  const first = rotate(groupSizes.slice(0, half))
  const second = rotate(groupSizes.slice(half))
  if (!first.ok) return first
  if (!second.ok) return second
  const away = first.value.turns.map(() => elsewhere)
  return success({
    turns: [...first.value.turns, ...second.value.turns.map((stations) => stations.map((groups) => groups.map((group) => group + half)))],
    paths: [...first.value.paths.map((path) => [...path, ...away]), ...second.value.paths.map((path) => [...away, ...path])],
    guarantees: [
      { met: true, text: 'Two waves: the second half of the groups works a list first, then they change.' },
      ...first.value.guarantees,
    ],
    say: first.value.say,
    mixes: first.value.mixes,
  })
}
