import { withoutRule, type Varied } from '@core/plan/edit/differ'
import type { VariationRule } from '@core/plan/plan'
import { exchangeChoices, ruleLabel } from './rule-words'
import type { VaryTarget } from './differ-fields'
import sentence from '../sentence/sentence.module.css'

interface RuleLinesProps {
  varied: Varied
  targets: readonly VaryTarget[]
  unit: 'lap' | 'time'
  onChange: (next: (varied: Varied) => Varied) => void
}

/** Two figures that change places every second lap or time: those that do, with a press to stop it, and those that could. */
export function RuleLines({ varied, targets, unit, onChange }: RuleLinesProps) {
  const here = new Set(targets.map(({ id }) => id))
  const kept = (varied.varyRules ?? []).filter((rule) => rule.rule === 'exchange' && here.has(rule.id))
  const key = (rule: VariationRule) => JSON.stringify(rule)
  const known = new Set(kept.map(key))
  const offered = exchangeChoices(targets).filter(({ rule }) => !known.has(key(rule)))
  if (kept.length + offered.length === 0) return null
  return (
    <div className={sentence.offers}>
      {kept.map((rule) => (
        <span key={key(rule)}>
          <b>{ruleLabel(rule, unit, targets)}</b>{' '}
          <button
            type="button"
            className={sentence.offer}
            aria-label={`Remove: ${ruleLabel(rule, unit, targets)}`}
            onClick={() => onChange((now) => withoutRule(now, now.varyRules?.findIndex((one) => key(one) === key(rule)) ?? 0))}
          >
            ×
          </button>
        </span>
      ))}
      {offered.map(({ label, rule }) => (
        <button
          key={key(rule)}
          type="button"
          className={sentence.offer}
          onClick={() => onChange((now) => ({ ...now, varyRules: [...(now.varyRules ?? []), rule] }))}
        >
          {label}
        </button>
      ))}
    </div>
  )
}
