import { useState } from 'react'
import { nanoid } from 'nanoid'
import { resizeStations } from '@core/plan/edit/simple'
import { limits } from '@core/base/limits'
import { ratioWords, workAndRest } from '@core/plan/work-rest'
import type { Circuit, Intervals, Task } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import { CountField, DraftField, TimeField, timeNotation } from '../../kit/DraftField'
import { usePlanEdits, type EditCircuit } from '../shared/context'
import { lazily } from '../../kit/lazily'
import { More } from '../shared/More'
import { StationTiles } from './StationTiles'
import styles from '../class.module.css'

const newId = () => nanoid(10)

// What is not needed every day comes when it is opened.
const CircuitMore = lazily(async () => (await import('./CircuitMore')).CircuitMore, 'What else a circuit can be')
const StationInspector = lazily(async () => (await import('./StationInspector')).StationInspector, 'The details of the station')

/** The inspector of a circuit: the numbers everyone uses, the stations as tiles, and the rest behind "More". */
export function CircuitEditor({ circuit }: { circuit: Circuit }) {
  const { editPiece } = usePlanEdits()
  const edit: EditCircuit = (recipe) => editPiece(circuit, recipe)
  const [openStation, setOpenStation] = useState<string>()
  const rotates = circuit.travel === 'rotate'
  const station = circuit.stations.find((station) => station.id === openStation)
  return (
    <div key={circuit.id}>
      <h2>
        {pieceName(circuit)}{' '}
        <span className={styles.headNote}>
          {circuit.waves
            ? 'half of the class moves round, the other half does the list; then they change'
            : rotates
              ? 'all at once, everyone moves to the next station'
              : 'everyone does the same, down the list'}
        </span>
      </h2>
      <div className={styles.fields}>
        <CountField
          label={rotates ? 'Stations' : 'Exercises'}
          value={circuit.stations.length}
          least={1}
          most={limits.stations}
          onChange={(count) => edit((draft) => void (draft.stations = resizeStations(draft.stations, count, newId)))}
        />
        {circuit.stay.kind === 'intervals' ? (
          <WorkFields circuit={circuit} stay={circuit.stay} edit={edit} />
        ) : (
          <CapFields stay={circuit.stay} rotates={rotates} edit={edit} />
        )}
        <TimeField
          label={rotates ? 'Transition' : 'Rest'}
          value={circuit.transition.seconds}
          least={0}
          most={3600}
          onChange={(seconds) => edit((draft) => void (draft.transition.seconds = seconds))}
        />
        {circuit.laps === undefined ? (
          <CountField
            label="Turns"
            value={circuit.turns!}
            least={1}
            most={limits.turns}
            onChange={(turns) => edit((draft) => void (draft.turns = turns))}
          />
        ) : (
          <CountField
            label="Laps"
            value={circuit.laps}
            least={1}
            most={limits.laps}
            onChange={(laps) => edit((draft) => void (draft.laps = laps))}
          />
        )}
        <TimeField
          label="Lap rest"
          value={circuit.lapRestSeconds}
          least={0}
          most={3600}
          onChange={(seconds) => edit((draft) => void (draft.lapRestSeconds = seconds))}
        />
        {circuit.stay.kind === 'intervals' && <Ratio circuit={circuit} stay={circuit.stay} />}
      </div>
      <More summary="More: how they move and work, sets, lists at their own pace, what differs by lap">
        <CircuitMore circuit={circuit} edit={edit} />
      </More>
      <StationTiles
        circuit={circuit}
        edit={edit}
        openStation={station?.id}
        onOpen={(id) => setOpenStation((now) => (now === id ? undefined : id))}
      />
      {station && (
        <StationInspector key={station.id} circuit={circuit} station={station} edit={edit} onClose={() => setOpenStation(undefined)} />
      )}
    </div>
  )
}

function WorkFields({ circuit, stay, edit }: { circuit: Circuit; stay: Intervals; edit: EditCircuit }) {
  const several = stay.workSeconds.length > 1
  return stay.workSeconds.map((seconds, position) => (
    <TimeField
      key={`${circuit.id}-${position}`}
      label={several ? `Work ${position + 1}` : 'Work'}
      value={seconds}
      least={1}
      most={3600}
      onChange={(next) => edit((draft) => void ((draft.stay as Intervals).workSeconds[position] = next))}
    />
  ))
}

function CapFields({ stay, rotates, edit }: { stay: Task; rotates: boolean; edit: EditCircuit }) {
  return (
    <DraftField
      label="Time cap"
      value={stay.capSeconds}
      optional={stay.goal === 'finish' && !rotates}
      notation={timeNotation(1, limits.totalSeconds)}
      placeholder="none"
      onChange={(seconds) =>
        edit((draft) => {
          const task = draft.stay as Task
          if (seconds === undefined) delete task.capSeconds
          else task.capSeconds = seconds
        })
      }
    />
  )
}

function Ratio({ circuit, stay }: { circuit: Circuit; stay: Intervals }) {
  const { work, rest } = workAndRest(circuit, stay)
  return (
    <div className="draft-field">
      <div className="draft-label">Work : rest</div>
      <div className={styles.ratio}>{ratioWords(work, rest)}</div>
    </div>
  )
}
