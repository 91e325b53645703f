import { proxy, wrap } from 'comlink'
import { useEffect, useState } from 'react'
import { byMending } from '@core/gear/shortage/fixes'
import type { LargestClass } from '@core/gear/shortage/largest-class'
import type { Judged } from '@core/class/fix'
import type { FoundFix, ShortageWorker } from '../../../workers/shortage.worker'
import { useJudged } from '../shared/judged'

/** What a worker has found for the class as it is; `done` when it has looked through all of it. */
interface Found<Answer> {
  judged?: Judged
  answer: Answer
  done: boolean
  failed: boolean
}

/** Long enough that not every key of a figure begins a search. */
const typingMs = 200

/** Has a worker look at the class while `wanted`, and again when the class changes; the search before is given up. */
function useSearch<Answer>(
  wanted: boolean,
  begin: (worker: ReturnType<typeof wrap<ShortageWorker>>, judged: Judged, tell: (add: (known: Answer) => Answer) => void) => Promise<void>,
  none: Answer,
): Found<Answer> {
  const judged = useJudged()
  const [found, setFound] = useState<Found<Answer>>({ answer: none, done: false, failed: false })
  useEffect(() => {
    if (!wanted) return undefined
    setFound({ judged, answer: none, done: false, failed: false })
    let worker: Worker | undefined
    const waiting = setTimeout(() => {
      const failed = () => setFound((now) => ({ ...now, failed: true }))
      worker = new Worker(new URL('../../../workers/shortage.worker.ts', import.meta.url), { type: 'module' })
      worker.onerror = failed
      begin(wrap<ShortageWorker>(worker), judged, (add) => setFound((now) => ({ ...now, answer: add(now.answer) }))).then(
        () => setFound((now) => ({ ...now, done: true })),
        failed,
      )
    }, typingMs)
    return () => {
      clearTimeout(waiting)
      worker?.terminate()
    }
    // oxlint-disable-next-line react/exhaustive-deps -- what is looked for is always the same: only the class changes
  }, [judged, wanted])
  return found.judged === judged ? found : { answer: none, done: false, failed: false }
}

const sent = ({ document, library, room }: Judged) => structuredClone({ document, library, room })

/** Every way to make less of the gear short, those that mend most first, as they are found. */
export function useGearFixes(anyShort: boolean): Found<FoundFix[]> {
  const found = useSearch<FoundFix[]>(
    anyShort,
    (worker, judged, tell) =>
      worker.fixes(
        sent(judged),
        proxy((fix: FoundFix) => tell((known) => [...known, fix])),
      ),
    [],
  )
  return { ...found, answer: found.answer.toSorted(byMending) }
}

/** The largest class that the gear serves, once it is asked for. */
export const useLargestClass = (asked: boolean): Found<LargestClass | undefined> =>
  useSearch<LargestClass | undefined>(
    asked,
    async (worker, judged, tell) => {
      const largest = await worker.largest(sent(judged))
      tell(() => largest)
    },
    undefined,
  )
