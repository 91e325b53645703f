import type { Problem } from '@core/base/result'
import kit from './kit.module.css'

/** `sizes[0].owned is …` as a reader counts: `size 1, owned is …`. */
const counted = (message: string) =>
  message.replace(/^(\w+?)s\[(\d+)\]\.(\w+)/, (_, one: string, at: string, field: string) => `${one} ${Number(at) + 1}, ${field}`)

/** What is wrong, with its field called as the screen calls it. */
function inWords({ field, message }: Problem, names: Readonly<Record<string, string>>): string {
  const name = names[field]
  return name !== undefined && message.startsWith(field) ? `${name}${message.slice(field.length)}` : counted(message)
}

interface TroublesProps {
  problems: readonly Problem[]
  /** Fields that tell themselves what is wrong with them. */
  at?: readonly string[]
  /** What the screen calls the others. */
  names?: Readonly<Record<string, string>>
}

/** What is wrong with a form and has no field of its own to stand at. */
export function Troubles({ problems, at = [], names = {} }: TroublesProps) {
  const rest = problems.filter((problem) => !at.includes(problem.field))
  if (rest.length === 0) return null
  return (
    <div className={kit.note} data-severity="mend" role="alert">
      {rest.map((problem) => (
        <b key={problem.message}>{inWords(problem, names)}</b>
      ))}
    </div>
  )
}
