import { Button, Select } from '@mantine/core'
import { useState } from 'react'
import type { Piece, VariationRule } from '@core/plan/plan'
import { lapsOf } from '@core/plan/turns'
import { DraftField } from '../../kit/DraftField'
import { useClass, usePlanEdits } from '../shared/context'
import { ruleChoices, ruleLabel, seriesNotation } from './vary-rule-words'
import type { VaryTarget } from './vary-fields'
import styles from '../class.module.css'

const choice = { root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }

type Unit = 'lap' | 'time'

interface VaryRulesProps {
  piece: Piece
  /** The index of its part. */
  partAt: number
  targets: readonly VaryTarget[]
}

/** Rules by which laps or times through differ: two figures that change places every second one, or a series of figures. */
export function VaryRules({ piece, partAt, targets }: VaryRulesProps) {
  const { document } = useClass()
  const { editPlan, editPiece } = usePlanEdits()
  const part = document.plan.parts[partAt]!
  const here = new Set(targets.map(({ id }) => id))
  const edit = (unit: Unit, change: (rules: VariationRule[]) => VariationRule[]) => {
    const changed = (rules: VariationRule[] | undefined) => {
      const next = change(rules ?? [])
      return next.length > 0 ? next : undefined
    }
    if (unit === 'time') editPlan((draft) => void (draft.parts[partAt]!.varyRules = changed(draft.parts[partAt]!.varyRules)))
    else editPiece(piece, (draft) => draft.type === 'circuit' && void (draft.varyRules = changed(draft.varyRules)))
  }
  const units: Unit[] = [
    ...(piece.type === 'circuit' && lapsOf(piece) > 1 ? (['lap'] as const) : []),
    ...(part.repeat > 1 ? (['time'] as const) : []),
  ]
  const rows = [
    ...(piece.type === 'circuit' ? (piece.varyRules ?? []) : []).map((rule) => ({ rule, unit: 'lap' as const })),
    ...(part.varyRules ?? []).flatMap((rule) => (here.has(rule.id) ? [{ rule, unit: 'time' as const }] : [])),
  ]
  return (
    <>
      {rows.length > 0 && (
        <ul className={styles.varyList}>
          {rows.map(({ rule, unit }) => {
            const text = ruleLabel(rule, unit, targets)
            return (
              <li key={`${unit}-${text}`}>
                <span>{text}</span>
                <Button
                  size="compact-xs"
                  variant="default"
                  aria-label={`${text}: take the rule away`}
                  onClick={() => edit(unit, (rules) => rules.filter((known) => JSON.stringify(known) !== JSON.stringify(rule)))}
                >
                  Take the rule away
                </Button>
              </li>
            )
          })}
        </ul>
      )}
      {units.length > 0 && (
        <AddRule key={piece.id} units={units} targets={targets} onAdd={(unit, rule) => edit(unit, (rules) => [...rules, rule])} />
      )}
    </>
  )
}

interface AddRuleProps {
  units: Unit[]
  targets: readonly VaryTarget[]
  onAdd: (unit: Unit, rule: VariationRule) => void
}

function AddRule({ units, targets, onAdd }: AddRuleProps) {
  const choices = ruleChoices(targets)
  const [unit, setUnit] = useState(units[0]!)
  const [key, setKey] = useState<string | null>(null)
  const [values, setValues] = useState<number[]>()
  const chosen = choices.find((known) => known.key === key)
  const rule = chosen?.rule.rule === 'series' ? values && { ...chosen.rule, values } : chosen?.rule
  if (choices.length === 0) return null
  return (
    <div className={styles.fields}>
      <Select
        label="From"
        classNames={choice}
        data={units.map((known) => ({ value: known, label: `${known} to ${known}` }))}
        value={units.includes(unit) ? unit : units[0]!}
        allowDeselect={false}
        onChange={(next) => next && setUnit(next)}
      />
      <Select
        label="by a rule"
        classNames={{ ...choice, root: 'draft-field is-wide' }}
        data={choices.map(({ key: value, label }) => ({ value, label }))}
        placeholder="Choose"
        value={chosen ? key : null}
        onChange={(next) => {
          setKey(next)
          setValues(undefined)
        }}
      />
      {chosen?.rule.rule === 'series' && (
        <DraftField key={key} label="figures" optional value={values} notation={seriesNotation(chosen.rule.field)} onChange={setValues} />
      )}
      <Button
        variant="default"
        className={styles.fieldButton}
        disabled={!rule}
        onClick={() => {
          if (rule) onAdd(units.includes(unit) ? unit : units[0]!, rule)
          setKey(null)
          setValues(undefined)
        }}
      >
        Add the rule
      </Button>
    </div>
  )
}
