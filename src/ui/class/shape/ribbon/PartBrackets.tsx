import type { Part, Plan } from '@core/plan/plan'
import { roleNames, roleOf } from '@core/plan/roles'
import type { Block } from '@core/timeline/blocks'
import type { Seconds } from '@core/base/units'
import styles from './plan-ribbon.module.css'

interface PartBracketsProps {
  plan: Plan
  blocks: readonly Block[]
  /** The seconds that the whole width stands for. */
  scale: Seconds
  chosen: string
  onChoose: (pieceId: string) => void
}

/** What is said of a part on its bracket: its name, else what it is for. */
const partWords = (plan: Plan, part: Part): string => {
  const role = roleOf(plan, part)
  const words = [part.name ?? (role && roleNames[role]), part.repeat > 1 && `${part.repeat} times`, part.optional && 'if there is time']
  return words.filter(Boolean).join(', ')
}

/** The parts of the class over its ribbon, where there are several or something is said of the one. */
export function PartBrackets({ plan, blocks, scale, chosen, onChoose }: PartBracketsProps) {
  const spans = plan.parts.flatMap((part) => {
    const ids = new Set(part.pieces.map(({ id }) => id))
    const own = blocks.filter((block) => ids.has(block.pieceId))
    const words = partWords(plan, part)
    const alone = plan.parts.length === 1 && !part.name && part.repeat === 1 && !part.optional
    if (own.length === 0 || alone) return []
    const start = own[0]!.start
    return [{ part, words, start, seconds: own.at(-1)!.start + own.at(-1)!.seconds - start }]
  })
  if (spans.length === 0) return null
  return (
    <div className={styles.brackets} role="group" aria-label="Parts of the class">
      {spans.map(({ part, words, start, seconds }) => (
        <button
          key={part.id}
          type="button"
          className={styles.bracket}
          style={{ left: `${(100 * start) / scale}%`, width: `${(100 * seconds) / scale}%` }}
          aria-pressed={part.pieces.some(({ id }) => id === chosen)}
          title={words}
          onClick={() => onChoose(part.pieces[0]!.id)}
        >
          <span>{words}</span>
        </button>
      ))}
    </div>
  )
}
