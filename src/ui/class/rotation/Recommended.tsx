import type { CircuitRotation } from '@core/class/compute'
import { fewerStations, ruleRecommended } from '@core/class/rule-outcomes'
import type { RuleOutcome } from '@core/rotation/outcome'
import { isMixing, ruleNames } from '@core/rotation/rule'
import { useClass } from '../shared/context'
import { useChoice } from './use-choice'
import kit from '../../kit/kit.module.css'

interface RecommendedProps {
  entry: CircuitRotation
  outcomes: readonly RuleOutcome[]
}

/** The rule that costs this class least, and what else would help. */
export function Recommended({ entry: { circuit, choice }, outcomes }: RecommendedProps) {
  const { document, computed, store } = useClass()
  const choose = useChoice(circuit)
  const { rule, why, isWhole } = ruleRecommended(document, computed, circuit, outcomes)
  const follows = rule === choice.rule
  const fewer = fewerStations(document, computed, circuit)
  const chosen = outcomes.find((outcome) => outcome.rule === choice.rule)
  const isOdd = computed.people.length % 2 === 1
  return (
    <>
      <div className={kit.note} data-severity={follows && (isWhole ? 'fine' : 'weigh')}>
        <b>{ruleNames[rule]} suits this class best</b>
        <p>{why}</p>
        {!follows && (
          <button type="button" className={kit.linkButton} onClick={() => choose({ rule })}>
            Use {isMixing(rule) ? ruleNames[rule].toLowerCase() : 'the loop'}
          </button>
        )}
      </div>
      {fewer && (
        <div className={kit.note}>
          <b>A new partner every turn needs {fewer.count} stations</b>
          <p>
            There are {fewer.count} pairs. Without{' '}
            {circuit.stations.length - fewer.count === 1
              ? 'the last station'
              : `the last ${circuit.stations.length - fewer.count} stations`}
            , two files brings everyone to every station, and nobody is alone.
          </p>
          <button type="button" className={kit.linkButton} onClick={() => store.getState().replace(fewer.document)}>
            {fewer.count} stations, in two files
          </button>
        </div>
      )}
      {isOdd && chosen && chosen.alone > 0 && isMixing(choice.rule) && (
        <div className={kit.note}>
          <b>{computed.people.length} people: one is left over every turn</b>
          <p>Step in yourself, or stay together: that makes one group of three.</p>
        </div>
      )}
    </>
  )
}
