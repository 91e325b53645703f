import { SegmentedControl } from '@mantine/core'
import type { CircuitRotation } from '@core/class/compute'
import { groupCount } from '@core/grouping/groups'
import { reachingSteps } from '@core/rotation/loop-by-k'
import { outcomeWords, type RuleOutcome } from '@core/rotation/outcome'
import { defaultChoice, Rule, ruleNames, ruleWords } from '@core/rotation/rule'
import type { KeyboardEvent } from 'react'
import { useClass } from '../shared/context'
import { useChoice } from './use-choice'
import styles from './rotation.module.css'

interface RuleChoiceProps {
  entry: CircuitRotation
  outcomes: readonly RuleOutcome[]
}

/** The rules by which a room can move, each with what it gives this very class. */
export function RuleChoice({ entry: { circuit, choice }, outcomes }: RuleChoiceProps) {
  const { document, computed } = useClass()
  const choose = useChoice(circuit)
  const count = circuit.stations.length
  const steps = reachingSteps(count).filter((step) => step > 1 && step < count - 1)
  const worksAlone = groupCount(document.groupSize) < 2
  const gives = (rule: Rule) => {
    const outcome = outcomes.find((found) => found.rule === rule)
    return outcome ? outcomeWords(outcome, worksAlone) : 'being worked out …'
  }
  // Radios: one stop for Tab, arrows choose.
  const arrows = (event: KeyboardEvent<HTMLElement>) => {
    const by = event.key === 'ArrowRight' || event.key === 'ArrowDown' ? 1 : event.key === 'ArrowLeft' || event.key === 'ArrowUp' ? -1 : 0
    if (by === 0) return
    event.preventDefault()
    const at = (Rule.options.indexOf(choice.rule) + by + Rule.options.length) % Rule.options.length
    choose(defaultChoice(Rule.options[at]!, count))
    event.currentTarget.querySelectorAll<HTMLElement>('[role=radio]')[at]?.focus()
  }
  return (
    <>
      <div className={`${styles.rules} no-print`} role="radiogroup" tabIndex={-1} aria-label="How people move" onKeyDown={arrows}>
        {Rule.options.map((rule) => (
          <button
            key={rule}
            type="button"
            role="radio"
            aria-checked={choice.rule === rule}
            tabIndex={choice.rule === rule ? 0 : -1}
            className={styles.rule}
            onClick={() => choose(defaultChoice(rule, count))}
          >
            <b>{ruleNames[rule]}</b>
            <span>{ruleShort[rule]}</span>
            {computed.people.length > 0 && <span className={styles.ruleGives}>{gives(rule)}</span>}
          </button>
        ))}
      </div>
      {choice.rule === 'loopByK' && steps.length > 0 && (
        <SegmentedControl
          mb="sm"
          aria-label="Stations to move on"
          data={steps.map((step) => ({ value: String(step), label: `${step} on` }))}
          value={String(choice.step)}
          onChange={(step) => choose({ rule: 'loopByK', step: Number(step) })}
        />
      )}
      <p className="second">{ruleWords[choice.rule]}</p>
    </>
  )
}

const ruleShort: Record<Rule, string> = {
  loop: 'on to the next station',
  loopByK: 'neighbours do not follow',
  twoFiles: 'one moves up, one down',
  hostAndTraveller: 'one shows the station',
  fullMix: 'told by wall and card',
  wholeClass: 'told by wall and card',
  mixedGroups: 'as few repeats as can be',
}
