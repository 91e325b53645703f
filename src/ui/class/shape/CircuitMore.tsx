import { Checkbox, SegmentedControl, Select } from '@mantine/core'
import { nanoid } from 'nanoid'
import { limits } from '@core/base/limits'
import { emptyStations, intervals, plainCircuit } from '@core/plan/edit/make'
import { readRungs, showRungs } from '@core/plan/words/notation'
import type { Circuit, Intervals, PairsWork, Task } from '@core/plan/plan'
import { turnsOf } from '@core/plan/turns'
import { CountField, countNotation, DraftField, TimeField, textNotation, timeNotation, type Notation } from '../../kit/DraftField'
import { newUse, starterOf } from '@core/plan/edit/use'
import { useClass, type EditCircuit } from '../shared/context'
import { ExercisePicker } from '../shared/ExercisePicker'
import { PartFields } from './PartFields'
import { setOrDrop } from '../shared/set-or-drop'
import { VaryTable } from './VaryTable'
import styles from '../class.module.css'

interface CircuitMoreProps {
  circuit: Circuit
  edit: EditCircuit
}

const newId = () => nanoid(10)

const rungsNotation: Notation<number[]> = { show: showRungs, read: readRungs, allowed: 'Figures such as 10-8-6-4-2' }

const pairsNames: Record<PairsWork, string> = { both: 'both work', inTurns: 'in turns, by interval', halfEach: 'half the interval each' }

const choiceClasses = { root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }

/** All that a circuit can be besides its everyday numbers. */
export function CircuitMore({ circuit, edit }: CircuitMoreProps) {
  return (
    <>
      <HowTheyMove circuit={circuit} edit={edit} />
      {circuit.stay.kind === 'intervals' ? (
        <IntervalFields stay={circuit.stay} edit={edit} />
      ) : (
        <TaskFields stay={circuit.stay} together={circuit.travel === 'together'} edit={edit} />
      )}
      <Around circuit={circuit} edit={edit} />
      <VaryTable piece={circuit} />
      <h3>Its part of the class</h3>
      <PartFields pieceId={circuit.id} />
    </>
  )
}

function HowTheyMove({ circuit, edit }: CircuitMoreProps) {
  const toStay = (kind: string) =>
    edit((draft) => {
      if (kind === draft.stay.kind) return
      draft.stay =
        kind === 'intervals' ? intervals([40]) : { kind: 'task', goal: 'cap', capSeconds: 300, openerCount: 0, rungRestSeconds: 0 }
      for (const use of draft.stations.flatMap((station) => station.uses))
        if (kind === 'task' && !use.reps && use.seconds === undefined) use.reps = { count: 10, counted: 'total' }
    })
  return (
    <div className={styles.fields}>
      <DraftField
        label="Name"
        wide
        optional
        value={circuit.name}
        notation={textNotation(limits.nameLength)}
        onChange={(name) => edit((draft) => setOrDrop(draft, 'name', name))}
      />
      <div>
        <div className="draft-label">People</div>
        <SegmentedControl
          aria-label="People"
          data={[
            { value: 'rotate', label: 'move round' },
            { value: 'together', label: 'do it together' },
          ]}
          value={circuit.travel}
          onChange={(travel) => edit((draft) => void (draft.travel = travel as Circuit['travel']))}
        />
      </div>
      <div>
        <div className="draft-label">A stay ends</div>
        <SegmentedControl
          aria-label="A stay ends"
          data={[
            { value: 'intervals', label: 'by the clock' },
            { value: 'task', label: 'a list, own pace' },
          ]}
          value={circuit.stay.kind}
          onChange={toStay}
        />
      </div>
      <div>
        <div className="draft-label">Count by</div>
        <SegmentedControl
          aria-label="Count by"
          data={[
            { value: 'laps', label: 'laps' },
            { value: 'turns', label: 'turns' },
          ]}
          value={circuit.laps === undefined ? 'turns' : 'laps'}
          onChange={(by) =>
            edit((draft) => {
              if (by === 'turns') Object.assign(draft, { turns: turnsOf(draft) }, delete draft.laps)
              else Object.assign(draft, { laps: Math.max(1, Math.ceil(turnsOf(draft) / draft.stations.length)) }, delete draft.turns)
            })
          }
        />
      </div>
    </div>
  )
}

function IntervalFields({ stay, edit }: { stay: Intervals; edit: EditCircuit }) {
  const change = (recipe: (draft: Intervals) => void) => edit((draft) => recipe(draft.stay as Intervals))
  return (
    <div className={styles.fields}>
      <CountField
        label="Exercises a stay"
        value={stay.workSeconds.length}
        least={1}
        most={limits.positions}
        onChange={(count) =>
          change(
            (draft) =>
              void (draft.workSeconds = Array.from({ length: count }, (_, index) => draft.workSeconds[index] ?? draft.workSeconds.at(-1)!)),
          )
        }
      />
      <TimeField
        label="Gap"
        value={stay.gapSeconds}
        least={0}
        most={3600}
        onChange={(seconds) => change((draft) => void (draft.gapSeconds = seconds))}
      />
      <CountField
        label="Sets"
        value={stay.sets}
        least={1}
        most={limits.sets}
        onChange={(sets) => change((draft) => void (draft.sets = sets))}
      />
      <TimeField
        label="Set rest"
        value={stay.setRestSeconds}
        least={0}
        most={3600}
        onChange={(seconds) => change((draft) => void (draft.setRestSeconds = seconds))}
      />
    </div>
  )
}

function TaskFields({ stay, together, edit }: { stay: Task; together: boolean; edit: EditCircuit }) {
  const change = (recipe: (draft: Task) => void) => edit((draft) => recipe(draft.stay as Task))
  return (
    <div className={styles.fields}>
      <div>
        <div className="draft-label">It goes on</div>
        <SegmentedControl
          aria-label="It goes on"
          data={[
            { value: 'cap', label: 'until the cap' },
            { value: 'finish', label: 'to the finish' },
          ]}
          value={stay.goal}
          onChange={(goal) =>
            change((draft) => {
              draft.goal = goal as Task['goal']
              if (goal === 'cap') draft.capSeconds ??= 300
            })
          }
        />
      </div>
      <CountField
        label="Opener items"
        value={stay.openerCount}
        least={0}
        most={limits.uses}
        onChange={(count) => change((draft) => void (draft.openerCount = count))}
      />
      <DraftField
        label="Aim, rounds"
        optional
        value={stay.aimRounds}
        notation={countNotation(1, limits.reps)}
        placeholder="none"
        onChange={(rounds) => change((draft) => setOrDrop(draft, 'aimRounds', rounds))}
      />
      <DraftField
        label="Rungs"
        wide
        optional
        value={stay.rungs}
        notation={rungsNotation}
        placeholder="10-8-6-4-2"
        onChange={(rungs) => change((draft) => setOrDrop(draft, 'rungs', rungs))}
      />
      <TimeField
        label="Rung rest"
        value={stay.rungRestSeconds}
        least={0}
        most={3600}
        onChange={(seconds) => change((draft) => void (draft.rungRestSeconds = seconds))}
      />
      {stay.rungs && together && stay.goal === 'finish' && <LedFields stay={stay} change={change} />}
    </div>
  )
}

/** Whether the room climbs the ladder together, and how long a rung lasts then. */
function LedFields({ stay, change }: { stay: Task; change: (recipe: (draft: Task) => void) => void }) {
  const led = stay.rungClock
  return (
    <>
      <Checkbox
        label="The room climbs together"
        checked={led !== undefined}
        onChange={(event) => {
          const { checked } = event.currentTarget
          change((draft) => {
            setOrDrop(draft, 'rungClock', checked ? { led: true } : undefined)
            if (checked) {
              draft.openerCount = 0
              delete draft.capSeconds
            }
          })
        }}
      />
      {led && (
        <DraftField
          label="Each rung"
          wide
          optional
          value={led.seconds}
          notation={timeNotation(1, 3600)}
          placeholder="until you go on"
          onChange={(seconds) => change((draft) => void (draft.rungClock = { led: true, ...(seconds !== undefined && { seconds }) }))}
        />
      )}
    </>
  )
}

function Around({ circuit, edit }: CircuitMoreProps) {
  const { transition, waves } = circuit
  const rotates = circuit.travel === 'rotate'
  const setWaves = (on: boolean) =>
    edit((draft) => {
      if (on)
        draft.waves = {
          meanwhile: { ...plainCircuit(newId, 'Meanwhile', emptyStations(newId, 4), intervals([40])) } as NonNullable<
            Circuit['waves']
          >['meanwhile'],
        }
      else delete draft.waves
    })
  return (
    <>
      <div className={styles.fields}>
        {rotates && (
          <Select
            label="In pairs"
            classNames={choiceClasses}
            data={Object.entries(pairsNames).map(([value, label]) => ({ value, label }))}
            value={circuit.pairs}
            allowDeselect={false}
            onChange={(pairs) => edit((draft) => void (draft.pairs = pairs as PairsWork))}
          />
        )}
        <Select
          label={rotates ? 'Transition is' : 'Rest is'}
          classNames={choiceClasses}
          data={[
            { value: 'walk', label: rotates ? 'a walk over' : 'a rest' },
            { value: 'active', label: 'active: crawl, skip, hop' },
          ]}
          value={transition.how}
          allowDeselect={false}
          onChange={(how) => edit((draft) => void (draft.transition.how = how as 'walk' | 'active'))}
        />
        {transition.how === 'active' && (
          <DraftField
            label="How they cross"
            wide
            optional
            value={transition.note || undefined}
            notation={textNotation(limits.noteLength)}
            onChange={(note) => edit((draft) => setOrDrop(draft.transition, 'note', note))}
          />
        )}
        <DraftField
          label="Fixed window"
          optional
          value={circuit.withinSeconds}
          notation={timeNotation(1, limits.totalSeconds)}
          placeholder="none"
          onChange={(seconds) => edit((draft) => setOrDrop(draft, 'withinSeconds', seconds))}
        />
      </div>
      <div className={`${styles.fields} ${styles.isChecks}`}>
        <Checkbox
          label="Leave out the last break"
          checked={circuit.lastGap === 'drop'}
          onChange={(event) => {
            const { checked } = event.currentTarget
            edit((draft) => void (draft.lastGap = checked ? 'drop' : 'keep'))
          }}
        />
        <Checkbox
          label="Brief while they do it"
          checked={circuit.brief !== undefined}
          onChange={(event) => {
            const { checked } = event.currentTarget
            edit((draft) => setOrDrop(draft, 'brief', checked ? { note: '' } : undefined))
          }}
        />
        {rotates && (
          <Checkbox
            label="Two waves: half the class does a list meanwhile"
            checked={waves !== undefined}
            onChange={(event) => setWaves(event.currentTarget.checked)}
          />
        )}
      </div>
      {waves && <Meanwhile list={waves.meanwhile} edit={edit} />}
    </>
  )
}

/** The list of the wave that is not at the stations. */
function Meanwhile({ list, edit }: { list: NonNullable<Circuit['waves']>['meanwhile']; edit: EditCircuit }) {
  const { library } = useClass()
  const change = (recipe: (draft: typeof list) => void) => edit((draft) => draft.waves && recipe(draft.waves.meanwhile))
  const work = list.stay.kind === 'intervals' ? list.stay.workSeconds[0]! : undefined
  return (
    <fieldset className={styles.use}>
      <legend>Meanwhile, the other half</legend>
      <div className={styles.fields}>
        <CountField
          label="Exercises"
          value={list.stations.length}
          least={1}
          most={limits.stations}
          onChange={(count) =>
            change(
              (draft) =>
                void (draft.stations = Array.from({ length: count }, (_, index) => draft.stations[index] ?? emptyStations(newId, 1)[0]!)),
            )
          }
        />
        {work !== undefined && (
          <TimeField
            label="Work"
            value={work}
            least={1}
            most={3600}
            onChange={(seconds) => change((draft) => void (draft.stay = { ...(draft.stay as Intervals), workSeconds: [seconds] }))}
          />
        )}
        <TimeField
          label="Rest"
          value={list.transition.seconds}
          least={0}
          most={3600}
          onChange={(seconds) => change((draft) => void (draft.transition.seconds = seconds))}
        />
        <CountField
          label="Laps"
          value={list.laps ?? 1}
          least={1}
          most={limits.laps}
          onChange={(laps) => change((draft) => void (draft.laps = laps))}
        />
      </div>
      <div className={styles.fields}>
        {list.stations.map((station, index) => (
          <div className="draft-field is-wide" key={station.id}>
            <div className="draft-label">{index + 1}</div>
            <ExercisePicker
              label={`Exercise ${index + 1} meanwhile`}
              value={station.uses[0]?.exerciseId}
              onChange={(exerciseId) =>
                change(
                  (draft) =>
                    void (draft.stations[index]!.uses = exerciseId
                      ? [newUse(starterOf(library.exercises, exerciseId), draft.stay, newId)]
                      : []),
                )
              }
            />
          </div>
        ))}
      </div>
    </fieldset>
  )
}
