import { Button, SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import type { CircuitRotation } from '@core/class/compute'
import { groupCount } from '@core/grouping/groups'
import { turnsOf } from '@core/plan/turns'
import { reachingSteps } from '@core/rotation/loop-by-k'
import { recommendRule } from '@core/rotation/recommend'
import { isMixing, Rule, ruleNames, ruleWords, type RotationChoice } from '@core/rotation/rule'
import { pairsSentence, pieceName } from '@core/summary/names'
import { ArrangeAllDialog } from './ArrangeAllDialog'
import { useClass } from '../shared/context'
import { MeetingMatrix } from './MeetingMatrix'
import { Problems } from '../shared/Problems'
import { RotationChart } from './RotationChart'
import './rotation.css'

/** How people move in each circuit: the rule, what it gives, and who is where every turn. */
export function RotationView() {
  const { computed } = useClass()
  const [index, setIndex] = useState(0)
  const [arranging, setArranging] = useState(false)
  const entry = computed.rotations[Math.min(index, computed.rotations.length - 1)]
  if (!entry) {
    return (
      <section className="class-main">
        <div className="empty">
          <h2>Nobody rotates in this class</h2>
          <p>Everyone does the same, together, down the list. There is no table to show.</p>
        </div>
      </section>
    )
  }
  const choices = computed.rotations.map(({ circuit }, at) => ({ value: String(at), label: pieceName(circuit) }))
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  return (
    <>
      <section className="class-main" aria-label="Rotation">
        <div className="piece-bar no-print">
          <Button size="xs" variant="default" onClick={() => setArranging(true)}>
            Arrange it all
          </Button>
          <span className="second">groups, order of stations and where each begins, for the wishes and the gear</span>
        </div>
        {arranging && <ArrangeAllDialog onClose={() => setArranging(false)} />}
        {choices.length > 1 && (
          <SegmentedControl
            mb="md"
            aria-label="Which circuit"
            data={choices}
            value={String(index)}
            onChange={(value) => setIndex(Number(value))}
          />
        )}
        <RuleChoice entry={entry} />
        {entry.rotation.ok ? (
          <RotationChart key={`${entry.circuit.id}-${entry.choice.rule}`} entry={entry} rotation={entry.rotation.value} />
        ) : (
          <div className="empty">
            <h2>This cannot be had</h2>
            <p>{entry.rotation.problems[0]?.message}</p>
          </div>
        )}
      </section>
      <aside className="class-side" aria-label="What this rotation gives">
        <h2>What this rotation gives</h2>
        <Problems />
        <Recommended entry={entry} />
        {entry.rotation.ok && computed.groups.length === 0 && (
          <p className="second">Tick who is here on the People tab, and their names fill the table.</p>
        )}
        {entry.rotation.ok &&
          entry.rotation.value.guarantees.map(({ met, text }) => (
            <div className={`note ${met ? 'is-fine' : 'is-weigh'}`} key={text}>
              <b>{text}</b>
            </div>
          ))}
        <p className="second">{pairsSentence(entry.circuit.pairs, largest)}</p>
        {entry.rotation.ok && entry.units.length > 1 && <MeetingMatrix entry={entry} rotation={entry.rotation.value} />}
      </aside>
    </>
  )
}

function useChoice(entry: CircuitRotation): (choice: RotationChoice) => void {
  const { change } = useClass()
  return (choice) => change((draft) => void (draft.rotations = { ...draft.rotations, [entry.circuit.id]: choice }))
}

function RuleChoice({ entry }: { entry: CircuitRotation }) {
  const choose = useChoice(entry)
  const { circuit, choice } = entry
  const steps = reachingSteps(circuit.stations.length).filter((step) => step > 1 && step < circuit.stations.length - 1)
  return (
    <>
      <div className="rules no-print" role="radiogroup" aria-label="How people move">
        {Rule.options.map((rule) => (
          <button
            key={rule}
            type="button"
            role="radio"
            aria-checked={choice.rule === rule}
            className="rule"
            onClick={() => choose(rule === 'loopByK' ? { rule, step: steps[0] ?? 1 } : { rule })}
          >
            <b>{ruleNames[rule]}</b>
            <span>{ruleShort[rule]}</span>
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
  loop: 'groups stay together',
  loopByK: 'neighbours do not follow',
  twoFiles: 'a new partner every turn',
  hostAndTraveller: 'one stays, one goes',
  fullMix: 'every station, every partner',
  wholeClass: 'everyone with everyone',
  mixedGroups: 'new trios or fours',
}

function Recommended({ entry }: { entry: CircuitRotation }) {
  const { computed, document } = useClass()
  const choose = useChoice(entry)
  const { rule, why } = recommendRule(
    entry.circuit.stations,
    computed.people.length,
    groupCount(document.groupSize),
    turnsOf(entry.circuit),
  )
  const follows = rule === entry.choice.rule
  return (
    <div className={`note ${follows ? 'is-fine' : ''}`}>
      <b>{ruleNames[rule]} suits this class</b>
      <p>{why}</p>
      {!follows && (
        <button type="button" className="link-button" onClick={() => choose({ rule })}>
          Use {isMixing(rule) ? ruleNames[rule].toLowerCase() : 'the loop'}
        </button>
      )}
    </div>
  )
}
