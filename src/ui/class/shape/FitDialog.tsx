import { Button, Checkbox, Group, Modal, SegmentedControl, Select } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import { fitWords, withFit, workWords } from '@core/fit/apply'
import { fitToSlot } from '@core/fit/fit'
import { singleChanges } from '@core/fit/single-changes'
import { alikeTo, canFit, fixedNumbers, type Timing } from '@core/fit/timing'
import type { Circuit, Plan } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import { formatSeconds } from '@core/base/units'
import { useClass, usePlanEdits } from '../shared/context'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

interface FitDialogProps {
  /** Ids of the pieces to fit, most wanted first. */
  preferred: readonly string[]
  opened: boolean
  onClose: () => void
}

const locks: { key: keyof Timing; name: string }[] = [
  { key: 'workSeconds', name: 'Work' },
  { key: 'transitionSeconds', name: 'Transition' },
  { key: 'laps', name: 'Laps' },
  { key: 'lapRestSeconds', name: 'Lap rest' },
]

const ratios = [
  { value: '', label: 'near what it is' },
  { value: '1', label: '1 : 1' },
  { value: '2', label: '2 : 1' },
  { value: '3', label: '3 : 1' },
]

/**
 * Brings the class to its slot: the numbers of one circuit that fill it to the second, and, when it is over, the changes that each
 * alone are enough.
 */
export function FitDialog({ preferred, opened, onClose }: FitDialogProps) {
  const { document, computed } = useClass()
  const { plan } = document
  const over = computed.timeline.ok ? computed.timeline.value.total - plan.slotSeconds : 0
  const changes = useMemo(() => (opened && over > 0 ? singleChanges(plan, computed.paces) : []), [opened, over, plan, computed.paces])
  const { setPlan } = usePlanEdits()
  const fittable = fittableIn(plan)
  const [chosenId, setChosen] = useState<string>()
  const circuit =
    [chosenId, ...preferred].flatMap((id) => fittable.find((alike) => alike.some((known) => known.id === id))?.[0] ?? [])[0] ??
    fittable[0]?.[0]
  return (
    <Modal opened={opened} onClose={onClose} title={`Fit to the ${formatSeconds(plan.slotSeconds)} slot`} size="lg">
      {over > 0 && (
        <p>
          These numbers need <b>{formatSeconds(plan.slotSeconds + over)}</b>; the class is <b>{formatSeconds(plan.slotSeconds)}</b>.
        </p>
      )}
      {changes.length > 0 && (
        <>
          <h3>One change alone</h3>
          <ol className={styles.fits}>
            {changes.map((change) => (
              <li key={change.what}>
                <div>
                  <b>{change.what}</b>
                  <div className="second">{formatSeconds(change.total)} in all</div>
                </div>
                <Button
                  size="xs"
                  variant="default"
                  onClick={() => {
                    setPlan(change.plan)
                    onClose()
                  }}
                >
                  Use this
                </Button>
              </li>
            ))}
          </ol>
        </>
      )}
      {circuit && fittable.length > 1 && (
        <Select
          label="Fit the numbers of"
          mb="md"
          classNames={{ root: 'draft-field is-choice is-wide', label: 'draft-label', input: 'draft-input' }}
          data={fittable.map((alike) => ({ value: alike[0]!.id, label: namesOf(alike) }))}
          value={circuit.id}
          allowDeselect={false}
          onChange={(id) => id && setChosen(id)}
        />
      )}
      {circuit && <Timings key={circuit.id} circuit={circuit} opened={opened} onClose={onClose} />}
      {!circuit && changes.length === 0 && (
        <div className={kit.empty}>
          <h2>{over > 0 ? 'No single change is enough' : 'It fits'}</h2>
          <p>
            {over > 0 ? 'Take a piece out, or make the slot longer.' : 'This class has a shape of its own: make it longer at its pieces.'}
          </p>
        </div>
      )}
    </Modal>
  )
}

/** The circuits that can be fitted, those of like numbers together. */
function fittableIn(plan: Plan): Circuit[][] {
  const circuits = plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit' && canFit(piece)))
  return circuits.flatMap((circuit) => {
    const alike = alikeTo(plan, circuit)
    return alike[0]!.id === circuit.id ? [alike] : []
  })
}

const namesOf = (circuits: readonly Circuit[]): string => circuits.map(pieceName).join(' and ')

/** Timings of one circuit, and of those like it, that fill the slot to the second, best first, with what each gives up. */
function Timings({ circuit, opened, onClose }: { circuit: Circuit; opened: boolean; onClose: () => void }) {
  const {
    document,
    change,
    computed: { paces },
  } = useClass()
  const { plan } = document
  const [ratio, setRatio] = useState('')
  const [locked, setLocked] = useState<(keyof Timing)[]>([])
  const wish = useMemo(() => ({ ratio: ratio === '' ? undefined : Number(ratio), locked: new Set(locked) }), [ratio, locked])
  const fits = useMemo(() => (opened ? fitToSlot(plan, circuit, wish, paces) : []), [opened, plan, circuit, wish, paces])
  const fixed = fixedNumbers(plan, circuit)
  return (
    <>
      <h3>The numbers of {namesOf(alikeTo(plan, circuit))}, to fill it to the second</h3>
      <div className="draft-label">Work to breaks</div>
      <SegmentedControl data={ratios} value={ratio} onChange={setRatio} fullWidth aria-label="Work to breaks" />
      <Checkbox.Group label="Keep as it is" value={locked} onChange={(next) => setLocked(next as (keyof Timing)[])} mt="md">
        <Group gap="lg" mt={4}>
          {locks.map(({ key, name }) => (
            <Checkbox key={key} value={key} label={fixed.has(key) ? `${name} (differs by lap: kept)` : name} disabled={fixed.has(key)} />
          ))}
        </Group>
      </Checkbox.Group>
      <div aria-live="polite">
        {fits.length === 0 && (
          <div className={kit.empty}>
            <h2>Nothing fits</h2>
            <p>Keep less as it is, change the number of stations, or the slot.</p>
          </div>
        )}
        <ol className={styles.fits}>
          {fits.map((fit, index) => (
            <li key={`${fit.workSeconds}-${fit.laps}`}>
              <div>
                <b>
                  {workWords(circuit, fit.workSeconds)} {circuit.stay.kind === 'task' ? 'a list' : 'work'},{' '}
                  {formatSeconds(fit.transitionSeconds)} {circuit.travel === 'rotate' ? 'to move' : 'between'}, {fit.laps}{' '}
                  {fit.laps === 1 ? 'lap' : `laps with ${formatSeconds(fit.lapRestSeconds)} between`}
                </b>
                <div className="second">{fitWords(circuit, fit, wish).join('; ')}</div>
              </div>
              <Button
                size="xs"
                variant={index === 0 ? 'filled' : 'default'}
                data-autofocus={index === 0 || undefined}
                onClick={() => {
                  change((draft) => void (draft.plan = withFit(plan, circuit, fit, () => nanoid(10), paces)))
                  onClose()
                }}
              >
                Use this
              </Button>
            </li>
          ))}
        </ol>
      </div>
    </>
  )
}
