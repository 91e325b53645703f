import { reachingSteps } from '@core/rotation/loop-by-k'
import { GroupSize } from '@core/grouping/group-size'
import type { Circuit } from '@core/plan/plan'
import { defaultChoice, Rule, ruleNames, type RotationChoice } from '@core/rotation/rule'
import { movesWords, whoWords } from '@core/summary/sentence/moving'
import type { ClassSlot } from '@core/summary/sentence/said'
import { useClass } from '../../shared/context'
import { WordChoice } from './WordChoice'

/** Who moves in the class, and how: words of the sentence that the class decides, not its plan. */
export function ClassWords({ slot, circuit }: { slot: ClassSlot; circuit: Circuit }) {
  const { document, change } = useClass()
  if (slot.kind === 'who')
    return (
      <WordChoice
        slot={slot.slot}
        label={slot.label}
        value={document.groupSize}
        words={slot.words}
        choices={GroupSize.options.map((value) => ({ value, words: value === 'fit' ? 'groups, as many as stations' : whoWords[value] }))}
        onChange={(value) => change((draft) => void (draft.groupSize = value as GroupSize))}
      />
    )
  const count = circuit.stations.length
  const choice: RotationChoice = document.rotations?.[circuit.id] ?? { rule: 'loop' }
  const steps = reachingSteps(count).filter((step) => step > 1 && step < count - 1)
  const choices = Rule.options.flatMap((rule) =>
    rule === 'loopByK'
      ? steps.map((step) => ({ value: `loopByK ${step}`, words: movesWords(document.groupSize, { rule, step }) }))
      : [{ value: rule, words: rule === 'loop' ? movesWords(document.groupSize, { rule }) : ruleNames[rule].toLowerCase() }],
  )
  return (
    <WordChoice
      slot={slot.slot}
      label={slot.label}
      value={choice.rule === 'loopByK' ? `loopByK ${choice.step}` : choice.rule}
      words={slot.words}
      choices={choices}
      onChange={(value) => {
        const [rule, step] = value.split(' ') as [Rule, string | undefined]
        const next = step === undefined ? defaultChoice(rule, count) : { rule, step: Number(step) }
        change((draft) => void (draft.rotations = { ...draft.rotations, [circuit.id]: next }))
      }}
    />
  )
}
