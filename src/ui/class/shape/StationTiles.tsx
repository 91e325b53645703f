import { midSentence } from '@core/base/mid-sentence'
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { rectSwappingStrategy, SortableContext, sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import { formOf, type Form } from '@core/library/form'
import { newUse, starterOf, withExercise } from '@core/plan/edit/use'
import type { Circuit, Station, Use } from '@core/plan/plan'
import { partOf } from '@core/plan/edit/parts'
import { detailsOf } from '@core/summary/items'
import { differsTexts } from '@core/summary/sentence/differs-text'
import { FormFigure } from '../../kit/FormFigure'
import { lazily } from '../../kit/lazily'
import { onDemand } from '../../kit/on-demand'
import { spokenMoves } from '../../kit/spoken-moves'
import { useStable } from '../../kit/use-stable'
import { Neighbour, Neighbours } from '../../kit/Neighbours'
import { useClass, useHall, type EditCircuit } from '../shared/context'
import { PlacePicker } from './station/PlacePicker'
import neighbours from '../../kit/neighbours.module.css'

// What is not needed for every station comes when it is opened.
const ListLines = lazily(async () => (await import('./list/ListLines')).ListLines, 'The list')
const StationDetails = onDemand(async () => (await import('./station/StationDetails')).StationDetails)

interface StationTilesProps {
  circuit: Circuit
  edit: EditCircuit
}

/** What is looked at closely: a station, or one item of its list. */
interface Looked {
  stationId: string
  useId?: string | undefined
}

const moreOf = (station: Station) => `details-${station.id}`
const inputOf = (station: Station, position: number) => `exercise-${station.id}-${position}`

const isTask = (circuit: Circuit, station: Station) => (station.stay ?? circuit.stay).kind === 'task'
const positionsOf = (circuit: Circuit, station: Station) => {
  const stay = station.stay ?? circuit.stay
  return stay.kind === 'intervals' ? stay.workSeconds.length : 0
}

/** Takes the typing on to the next place without an exercise, round the loop; stays where it is when there is none. */
export function goToEmpty(circuit: Circuit, afterStation: number, afterPosition = Infinity): void {
  const places = circuit.stations.flatMap((station, index) =>
    Array.from({ length: positionsOf(circuit, station) }, (_, position) => ({ station, index, position })),
  )
  const from = places.findIndex(({ index, position }) => index > afterStation || (index === afterStation && position > afterPosition))
  const ahead = from < 0 ? places : [...places.slice(from), ...places.slice(0, from)]
  const next = ahead.find(
    ({ station, index, position }) => !station.rest && !station.uses[position] && !(index === afterStation && position === afterPosition),
  )
  // Once the list that has just been chosen from is shut.
  if (next) setTimeout(() => document.getElementById(inputOf(next.station, next.position))?.focus())
}

/** The stations as tiles; one is dragged onto another to trade their places, with the pointer or the keyboard. */
export function StationTiles({ circuit, edit }: StationTilesProps) {
  const [looked, setLooked] = useState<Looked>()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const ids = circuit.stations.map((station) => station.id)
  const spoken = spokenMoves((id) => `station ${ids.indexOf(String(id)) + 1}`)
  const trade = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return
    edit((draft) => {
      const one = draft.stations.findIndex((station) => station.id === active.id)
      const other = draft.stations.findIndex((station) => station.id === over.id)
      ;[draft.stations[one], draft.stations[other]] = [draft.stations[other]!, draft.stations[one]!]
    })
  }
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} accessibility={spoken} onDragEnd={trade}>
      <SortableContext items={ids} strategy={rectSwappingStrategy}>
        <Neighbours label="Stations in order" wide={circuit.stations.some((station) => isTask(circuit, station))}>
          {circuit.stations.map((station, index) => (
            <StationTile
              key={station.id}
              circuit={circuit}
              station={station}
              index={index}
              edit={edit}
              open={looked?.stationId === station.id ? looked : undefined}
              onOpen={setLooked}
            />
          ))}
        </Neighbours>
      </SortableContext>
    </DndContext>
  )
}

interface StationTileProps {
  circuit: Circuit
  station: Station
  index: number
  edit: EditCircuit
  open: Looked | undefined
  onOpen: (looked: Looked | undefined) => void
}

function StationTile({ circuit, station, index, edit, open, onOpen }: StationTileProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useSortable({ id: station.id })
  const number = index + 1
  const style = transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: isDragging ? 2 : undefined } : undefined
  const { library } = useHall()
  const stay = station.stay ?? circuit.stay
  const setExercise = (position: number, exerciseId: string | undefined) => {
    edit((draft) => {
      const { uses } = draft.stations[index]!
      const use = uses[position]
      if (!exerciseId) uses.splice(position, 1)
      else if (use) uses[position] = withExercise(use, starterOf(library.exercises, exerciseId), stay)
      else uses.push(newUse(starterOf(library.exercises, exerciseId), stay, () => nanoid(10)))
    })
    if (exerciseId) goToEmpty(circuit, index, position)
  }
  const setStable = useStable(setExercise)
  const close = () => {
    onOpen(undefined)
    setTimeout(() => document.getElementById(moreOf(station))?.focus())
  }
  const more = (
    <button
      type="button"
      id={moreOf(station)}
      className={neighbours.tileMore}
      aria-expanded={open !== undefined}
      onClick={() => (open ? close() : onOpen({ stationId: station.id }))}
      aria-label={`Details of station ${number}`}
    >
      ⋯
    </button>
  )
  const positions = positionsOf(circuit, station)
  const isList = stay.kind === 'task'
  const pictures = useMemo(
    () => (station.rest || isList ? [] : picturesOf(station, library.exercises)),
    [station, isList, library.exercises],
  )
  const handle = (
    <div className={`${neighbours.tileHead}${pictures.length > 0 ? ` ${neighbours.isPictured}` : ''}`}>
      <button
        type="button"
        className={neighbours.tileHandle}
        {...attributes}
        {...listeners}
        aria-label={`Station ${number}: drag to trade places`}
      >
        {number}
      </button>
      {pictures.map((form, index) => (
        <span key={index} className={neighbours.tileFigure}>
          <FormFigure form={form} />
        </span>
      ))}
      {open ? <StationDetails target={more} circuit={circuit} station={station} useId={open.useId} onClose={close} /> : more}
    </div>
  )
  return (
    <Neighbour number={number} label={`Station ${number}`} handle={handle} chosen={open !== undefined} tileRef={setNodeRef} style={style}>
      {station.name && <div className={neighbours.tileName}>{station.name}</div>}
      {station.rest && <div className="neighbour-name">Rest</div>}
      {isList && (
        <ListLines
          circuit={circuit}
          station={station}
          stay={stay}
          number={number}
          onOpen={(useId) => onOpen({ stationId: station.id, useId })}
        />
      )}
      {!station.rest &&
        Array.from({ length: positions }, (_, position) => (
          <PlacePicker
            key={position}
            id={inputOf(station, position)}
            label={positions > 1 ? `Exercise ${position + 1} at station ${number}` : `Exercise at station ${number}`}
            value={station.uses[position]?.exerciseId}
            position={position}
            onSet={setStable}
          />
        ))}
      {positions === 1 && station.uses[0] && <UseLines use={station.uses[0]} circuit={circuit} />}
    </Neighbour>
  )
}

/** How many pictures stand on a tile: of a list, the first. */
const mostPictures = 2

function picturesOf({ uses }: Station, exercises: readonly Exercise[]): Form[] {
  const forms = uses.flatMap((use) => {
    const exercise = exercises.find(({ id }) => id === use.exerciseId)
    return exercise ? [formOf(exercise, use.optionId)] : []
  })
  return forms.filter(({ figure }) => figure).slice(0, mostPictures)
}

const sideNames = { half: 'sides: halves', byLap: 'sides: by lap', ownInterval: 'sides: an interval each' } as const

/** Region, stance and gear of the exercise as it is done here, and what is said of this use. */
function UseLines({ use, circuit }: { use: Use; circuit: Circuit }) {
  const { library } = useHall()
  const part = partOf(useClass().document.plan, circuit.id)
  const kinds = useMemo(() => new Map(library.gear.map((kind) => [kind.id, midSentence(kind.name)])), [library])
  const exercise = library.exercises.find((exercise) => exercise.id === use.exerciseId)
  if (!exercise) return null
  const form = formOf(exercise, use.optionId)
  const nameOf = (id: string) => library.exercises.find((known) => known.id === id)?.name ?? id
  const details = [...detailsOf(use), ...(part ? differsTexts(use, circuit, part, nameOf) : [])]
  return (
    <div className={`second ${neighbours.tileLines}`}>
      {form.optionId && <div className={neighbours.tileOption}>{form.name}</div>}
      <div>{form.gear.length === 0 ? 'no gear' : form.gear.map((need) => kinds.get(need.kindId) ?? need.kindId).join(', ')}</div>
      {details.length > 0 && <div>{details.join(', ')}</div>}
      {use.sides !== 'none' && <span className={neighbours.tileTag}>{sideNames[use.sides]}</span>}
    </div>
  )
}
