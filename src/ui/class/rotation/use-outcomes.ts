import { useEffect, useMemo, useState } from 'react'
import { ruleOutcomes } from '@core/class/rule-outcomes'
import type { Circuit } from '@core/plan/plan'
import type { RuleOutcome } from '@core/rotation/outcome'
import type { OutcomeRequest } from '../../../workers/rule-outcome.worker'
import { useClass } from '../shared/context'

/** What each rule would give this class in a circuit; mixed groups, which are searched for, as soon as they are found. */
export function useOutcomes(circuit: Circuit | undefined): readonly RuleOutcome[] {
  const { document, computed } = useClass()
  const quick = useMemo(() => (circuit ? ruleOutcomes(document, computed, circuit) : []), [document, computed, circuit])
  const [mixed, setMixed] = useState<{ of: unknown; outcome: RuleOutcome }>()
  useEffect(() => {
    setMixed(undefined)
    if (!circuit) return
    const worker = new Worker(new URL('../../../workers/rule-outcome.worker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<RuleOutcome>) => {
      setMixed({ of: quick, outcome: data })
      worker.terminate()
    })
    worker.postMessage({ document, groups: computed.groups, circuit } satisfies OutcomeRequest)
    return () => worker.terminate()
  }, [document, computed, circuit, quick])
  return mixed?.of === quick ? [...quick, mixed.outcome] : quick
}
