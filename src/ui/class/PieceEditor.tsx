import { Select } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useMemo } from 'react'
import { resizeStations, type SimpleCircuit } from '@core/plan/edit'
import { limits } from '@core/plan/limits'
import type { Circuit, Pause, Piece, Station } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import type { ClassDocument } from '@core/hall/class-document'
import { CountField, TimeField } from '../kit/DraftField'
import { Neighbour, Neighbours } from '../kit/Neighbours'
import { useClass } from './context'

/** The piece with this id in the draft, to be changed in place. */
function pieceIn<P extends Piece>(draft: ClassDocument, piece: P): P {
  return draft.plan.parts.flatMap((part) => part.pieces).find((each) => each.id === piece.id) as P
}

export function PieceEditor({ piece }: { piece: SimpleCircuit | Pause }) {
  return piece.type === 'pause' ? <PauseEditor pause={piece} /> : <CircuitEditor circuit={piece} />
}

function PauseEditor({ pause }: { pause: Pause }) {
  const { change } = useClass()
  return (
    <div>
      <h2>{pieceName(pause)}</h2>
      <div className="fields" key={pause.id}>
        <TimeField
          label="Length"
          value={pause.seconds}
          least={0}
          most={3600}
          onChange={(seconds) => change((draft) => void (pieceIn(draft, pause).seconds = seconds))}
        />
      </div>
      {pause.note && <p className="second">{pause.note}</p>}
    </div>
  )
}

function CircuitEditor({ circuit }: { circuit: SimpleCircuit }) {
  const { change } = useClass()
  const edit = (recipe: (draft: SimpleCircuit) => void) => change((draft) => recipe(pieceIn(draft, circuit)))
  const work = circuit.stay.workSeconds[0]!
  const rest = circuit.transition.seconds + circuit.stay.gapSeconds
  const rotates = circuit.travel === 'rotate'
  return (
    <div>
      <h2>
        {pieceName(circuit)}{' '}
        <span className="second" style={{ fontFamily: 'var(--text)', fontWeight: 400, fontSize: 15 }}>
          {rotates ? 'all at once, everyone moves to the next station' : 'everyone does the same, down the list'}
        </span>
      </h2>
      <div className="fields" key={circuit.id}>
        <CountField
          label={rotates ? 'Stations' : 'Exercises'}
          value={circuit.stations.length}
          least={1}
          most={limits.stations}
          onChange={(count) => edit((draft) => void (draft.stations = resizeStations(draft.stations, count, () => nanoid(10))))}
        />
        <TimeField label="Work" value={work} least={1} most={3600} onChange={(seconds) => edit((draft) => void (draft.stay.workSeconds = [seconds]))} />
        <TimeField
          label={rotates ? 'Transition' : 'Rest'}
          value={circuit.transition.seconds}
          least={0}
          most={3600}
          onChange={(seconds) => edit((draft) => void (draft.transition.seconds = seconds))}
        />
        <CountField label="Laps" value={circuit.laps} least={1} most={limits.laps} onChange={(laps) => edit((draft) => void (draft.laps = laps))} />
        <TimeField
          label="Lap rest"
          value={circuit.lapRestSeconds}
          least={0}
          most={3600}
          onChange={(seconds) => edit((draft) => void (draft.lapRestSeconds = seconds))}
        />
        <div className="draft-field">
          <div className="draft-label">Work : rest</div>
          <div style={{ fontSize: 19, fontWeight: 700, lineHeight: '40px' }}>{rest > 0 ? `${(work / rest).toFixed(1).replace('.0', '')} : 1` : 'no rest'}</div>
        </div>
      </div>
      <Neighbours label="Stations in order">
        {circuit.stations.map((station, index) => (
          <Neighbour key={station.id} number={index + 1} label={`Station ${index + 1}`}>
            <StationTile
              station={station}
              number={index + 1}
              onExercise={(exerciseId) => {
                edit((draft) => {
                  const target = draft.stations[index]!
                  if (!exerciseId) target.uses = []
                  else if (target.uses[0]) target.uses = [{ ...target.uses[0], exerciseId, optionId: undefined }]
                  else target.uses = [{ id: nanoid(10), exerciseId, sides: 'none' }]
                })
                if (exerciseId) goToEmpty(circuit, index)
              }}
            />
          </Neighbour>
        ))}
      </Neighbours>
    </div>
  )
}

const inputOf = (station: Station) => `exercise-${station.id}`

/** Takes the typing on to the next station without an exercise, round the loop; stays where it is when there is none. */
export function goToEmpty(circuit: Circuit, after: number): void {
  const { stations } = circuit
  const next = stations.map((_, step) => stations[(after + 1 + step) % stations.length]!).find((station, step) => step < stations.length - 1 && station.uses.length === 0 && !station.rest)
  // Once the list that has just been chosen from is shut.
  if (next) setTimeout(() => document.getElementById(inputOf(next))?.focus())
}

/** The choice that empties a station; no exercise can have this id. */
const nothing = ''

const sideNames = { half: 'sides: halves', byLap: 'sides: by lap', ownInterval: 'sides: an interval each' } as const

function StationTile({ station, number, onExercise }: { station: Station; number: number; onExercise: (exerciseId: string | null) => void }) {
  const { library } = useClass()
  const kinds = useMemo(() => new Map(library.gear.map((kind) => [kind.id, kind.name])), [library])
  const use = station.uses[0]
  const exercise = library.exercises.find((each) => each.id === use?.exerciseId)
  const choices = useMemo(() => {
    const known = library.exercises.map((each) => ({ value: each.id, label: each.name }))
    if (!use) return known
    const unknown = exercise ? [] : [{ value: use.exerciseId, label: `${use.exerciseId} (not in this hall)` }]
    return [{ value: nothing, label: 'No exercise here' }, ...unknown, ...known]
  }, [library, use, exercise])
  return (
    <>
      <Select
        id={inputOf(station)}
        aria-label={`Exercise at station ${number}`}
        placeholder="Choose an exercise"
        data={choices}
        value={use?.exerciseId ?? null}
        onChange={(value) => onExercise(value === nothing ? null : value)}
        allowDeselect={false}
        rightSection={<></>}
        rightSectionWidth={0}
        searchable
        selectFirstOptionOnChange
        nothingFoundMessage="No such exercise"
        comboboxProps={{ width: 240, position: 'bottom-start' }}
        classNames={{ input: 'tile-select' }}
        variant="unstyled"
      />
      {exercise && (
        <div className="second" style={{ fontSize: 13.5 }}>
          <div>
            {exercise.regions.join(', ')} · {exercise.stance}
          </div>
          <div>{exercise.gear.length === 0 ? 'no gear' : exercise.gear.map((need) => (kinds.get(need.kindId) ?? need.kindId).toLowerCase()).join(', ')}</div>
          {use && use.sides !== 'none' && <span className="tile-tag">{sideNames[use.sides]}</span>}
        </div>
      )}
    </>
  )
}
