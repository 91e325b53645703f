import { Button, Checkbox, Select } from '@mantine/core'
import { nanoid } from 'nanoid'
import { limits } from '@core/base/limits'
import { intervals } from '@core/plan/edit/make'
import { readLaps, showLaps } from '@core/plan/words/notation'
import type { Circuit, Intervals, Sides, Station } from '@core/plan/plan'
import { countNotation, DraftField, textNotation, TimeField, type Notation } from '../../kit/DraftField'
import type { EditCircuit } from '../shared/context'
import { ListPlaces } from './ListPlaces'
import { setOrDrop } from '../shared/set-or-drop'
import { UseFields } from './UseFields'
import styles from '../class.module.css'

interface StationInspectorProps {
  circuit: Circuit
  station: Station
  edit: EditCircuit
  onClose: () => void
}

const lapsNotation: Notation<number[]> = { show: showLaps, read: readLaps, allowed: 'Laps such as 4, or 2, 4' }

const intervalsAt = (circuit: Circuit, station: number) => (circuit.stations[station]!.stay ?? circuit.stay) as Intervals

/** Sides with an interval each get the rest between them that the exercises have, where none is set. */
function takeSides(circuit: Circuit, station: number, position: number, sides: Sides): void {
  circuit.stations[station]!.uses[position]!.sides = sides
  const stay = circuit.stations[station]!.stay ?? circuit.stay
  if (sides !== 'ownInterval' || circuit.travel !== 'together' || stay.kind === 'task') return
  if (stay.gapSeconds === 0) stay.gapSeconds = circuit.transition.seconds
}

/** Everything about one station: its place, what is done there and how. */
export function StationInspector({ circuit, station, edit, onClose }: StationInspectorProps) {
  const index = circuit.stations.findIndex((known) => known.id === station.id)
  const rotates = circuit.travel === 'rotate'
  const stay = station.stay ?? circuit.stay
  const change = (recipe: (draft: Station) => void) => edit((draft) => recipe(draft.stations[index]!))
  const positions = stay.kind === 'intervals' ? stay.workSeconds.length : limits.uses
  const trade = (other: number) =>
    edit((draft) => {
      ;[draft.stations[index], draft.stations[other]] = [draft.stations[other]!, draft.stations[index]!]
    })
  return (
    <section className={styles.inspector} aria-label={`Station ${index + 1} in detail`}>
      <div className="inspector-head">
        <h3>Station {index + 1}</h3>
        <Button size="compact-sm" variant="default" onClick={onClose}>
          Close
        </Button>
      </div>
      <div className={styles.fields}>
        <DraftField
          label="Name"
          wide
          optional
          value={station.name}
          notation={textNotation(limits.nameLength)}
          placeholder="none"
          onChange={(name) => change((draft) => setOrDrop(draft, 'name', name))}
        />
        <DraftField
          label="Holds, people"
          optional
          value={station.capacity}
          notation={countNotation(1, limits.people)}
          placeholder="any"
          onChange={(capacity) => change((draft) => setOrDrop(draft, 'capacity', capacity))}
        />
        {!rotates && (circuit.laps ?? 2) > 1 && (
          <DraftField
            label="Left out on laps"
            optional
            value={station.skipLaps.length > 0 ? station.skipLaps : undefined}
            notation={lapsNotation}
            placeholder="none"
            onChange={(laps) => change((draft) => void (draft.skipLaps = laps ?? []))}
          />
        )}
        {!rotates && station.stay?.kind === 'intervals' && (
          <TimeField
            label="Its own work"
            value={station.stay.workSeconds[0]!}
            least={1}
            most={3600}
            onChange={(seconds) => change((draft) => void ((draft.stay as Intervals).workSeconds[0] = seconds))}
          />
        )}
        {circuit.stations.length > 1 && (
          <Select
            label="Trade places with"
            classNames={{ root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }}
            placeholder="station"
            data={circuit.stations.flatMap((_, other) =>
              other === index ? [] : [{ value: String(other), label: `station ${other + 1}` }],
            )}
            value={null}
            onChange={(other) => other !== null && trade(Number(other))}
          />
        )}
      </div>
      <div className={`${styles.fields} ${styles.isChecks}`}>
        <Checkbox
          label="A place to rest"
          checked={station.rest}
          onChange={(event) => {
            const { checked } = event.currentTarget
            change((draft) => void (draft.rest = checked))
          }}
        />
        {rotates && (
          <Checkbox
            label="Two turns long"
            checked={station.span === 2}
            onChange={(event) => {
              const { checked } = event.currentTarget
              change((draft) => void (draft.span = checked ? 2 : 1))
            }}
          />
        )}
        {!rotates && circuit.stay.kind === 'intervals' && circuit.stay.workSeconds.length === 1 && (
          <Checkbox
            label="Its own length"
            checked={station.stay !== undefined}
            onChange={(event) => {
              const { checked } = event.currentTarget
              change((draft) => setOrDrop(draft, 'stay', checked ? intervals([60]) : undefined))
            }}
          />
        )}
      </div>
      {station.uses.map((use, position) => (
        <UseFields
          key={use.id}
          use={use}
          stay={stay}
          laps={circuit.laps}
          number={position + 1}
          several={stay.kind === 'task' || positions > 1}
          onChange={(recipe) => change((draft) => recipe(draft.uses[position]!))}
          onSides={(sides) => edit((draft) => takeSides(draft, index, position, sides))}
          rest={
            !rotates && stay.kind === 'intervals'
              ? { seconds: stay.gapSeconds, onChange: (seconds) => edit((draft) => void (intervalsAt(draft, index).gapSeconds = seconds)) }
              : undefined
          }
          onRemove={() => change((draft) => void draft.uses.splice(position, 1))}
          onUp={
            position > 0 ? () => change((draft) => void draft.uses.splice(position - 1, 0, ...draft.uses.splice(position, 1))) : undefined
          }
        />
      ))}
      {station.uses.length < positions && !station.rest && (
        <Button
          size="xs"
          variant="default"
          onClick={() =>
            change((draft) => {
              const last = draft.uses.at(-1)
              draft.uses.push({
                id: nanoid(10),
                exerciseId: last?.exerciseId ?? 'march',
                sides: 'none',
                ...(stay.kind === 'task' && { reps: { count: 10, counted: 'total' as const } }),
              })
            })
          }
        >
          {stay.kind === 'task' ? 'Add an item' : 'Add an exercise'}
        </Button>
      )}
      {stay.kind === 'task' && station.uses.length > 0 && <ListPlaces stay={stay} station={station} />}
    </section>
  )
}
