import type { Problem } from '@core/result'

/** `sizes[0].owned is …` as a reader counts: `size 1, owned is …`. */
const inWords = (message: string) => message.replace(/^(\w+?)s\[(\d+)\]\.(\w+)/, (_, one: string, at: string, field: string) => `${one} ${Number(at) + 1}, ${field}`)

/** What is wrong with a form and has no field of its own to stand at. */
export function Troubles({ problems, at = [] }: { problems: readonly Problem[]; at?: readonly string[] }) {
  const rest = problems.filter((problem) => !at.includes(problem.field))
  if (rest.length === 0) return null
  return (
    <div className="note is-mend" role="alert">
      {rest.map((problem) => (
        <b key={problem.message}>{inWords(problem.message)}</b>
      ))}
    </div>
  )
}
