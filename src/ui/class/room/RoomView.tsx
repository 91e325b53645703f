import { Button } from '@mantine/core'
import { useMemo } from 'react'
import { settingsOf } from '@core/class/compute'
import { layOut } from '@core/floor/auto-lay'
import { stationFloors } from '@core/floor/footprints'
import { transitionsOf } from '@core/floor/transitions'
import { floorTroubles } from '@core/floor/troubles'
import { walkerOf } from '@core/floor/walk'
import { exercisesById } from '@core/library/by-id'
import { formOf } from '@core/library/form'
import { showLength } from '@core/library/length'
import type { Room } from '@core/library/room'
import { rotatingCircuits } from '@core/plan/turns'
import { useClass } from '../shared/context'
import { FloorPlan } from '../../kit/FloorPlan'
import { useJudged } from '../shared/judged'
import { RoomSide } from './RoomSide'
import { WaysTable } from './WaysTable'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** Where each station stands in the room, and whether people get from one to the next in time. */
export function RoomView() {
  const { document, rooms } = useClass()
  const room = rooms.find((room) => room.id === document.roomId)
  if (!room)
    return (
      <section className={styles.classMain}>
        <div className={kit.empty}>
          <h2>No room</h2>
          <p>Choose the room of this class under its name.</p>
        </div>
      </section>
    )
  if (rotatingCircuits(document.plan).length === 0)
    return (
      <section className={styles.classMain}>
        <div className={kit.empty}>
          <h2>Nobody goes round in this class</h2>
          <p>Everyone does the same, together: there are no stations to lay out.</p>
        </div>
      </section>
    )
  return <Laid room={room} />
}

function Laid({ room }: { room: Room }) {
  const { document, computed, library, change } = useClass()
  const judged = useJudged()
  const unit = settingsOf(library).lengthUnit ?? 'm'
  const floors = useMemo(() => stationFloors(document, computed, library), [document, computed, library])
  const { transitions } = useMemo(() => transitionsOf(document, computed, library, room), [document, computed, library, room])
  const walker = walkerOf(room)
  const spots = document.spots ?? []
  const troubles = floorTroubles(room, floors, spots)
  const byId = exercisesById(library.exercises)
  const names = floors.map(({ index }) => {
    const use = rotatingCircuits(document.plan)[0]?.stations[index]?.uses[0]
    const exercise = use && byId.get(use.exerciseId)
    return exercise ? formOf(exercise, use.optionId).name : ''
  })
  const short = transitions.filter((transition) => transition.needed > transition.given)
  const ways = transitions.flatMap((transition) => {
    const corners = walker.way(spots[transition.from]!, spots[transition.to]!)
    return corners
      ? [{ key: `${transition.circuitId}-${transition.from}-${transition.to}`, corners, short: transition.needed > transition.given }]
      : []
  })
  const moves = transitions.length
  const headline =
    spots.length === 0 ? room.name : short.length > 0 ? `${short.length} of ${moves} moves need longer` : `All ${moves} moves fit`
  const lay = () => change((draft) => void (draft.spots = layOut(room, floors).spots))
  return (
    <>
      <section className={styles.classMain} aria-label="Room">
        <div className={styles.bigLine}>
          <span className={`${styles.big}${short.length > 0 ? ` ${kit.mend}` : ''}`}>{headline}</span>
          <span>
            {showLength(room.lengthMetres, unit)} × {showLength(room.widthMetres, unit)}
          </span>
          <span className="push no-print">
            <Button variant="default" size="sm" onClick={lay}>
              {spots.length === 0 ? 'Lay the stations out' : 'Lay out anew'}
            </Button>
          </span>
        </div>
        <FloorPlan
          room={room}
          floors={floors}
          spots={spots}
          names={names}
          ways={ways}
          wrong={new Set(troubles.flatMap((trouble) => ('other' in trouble ? [trouble.station, trouble.other] : [trouble.station])))}
          onMove={(station, to) => change((draft) => draft.spots && void (draft.spots[station] = to))}
        />
        {spots.length === 0 ? (
          <div className={kit.empty}>
            <h2>No station has its place yet</h2>
            <p>Have them laid out round the room, then drag them to where you want them.</p>
          </div>
        ) : (
          <>
            <p className="second">
              Drag a station, or move it with the arrow keys: a quarter of a metre, with Shift a whole one. Each is as large as its people
              need.
            </p>
            <WaysTable transitions={transitions} unit={unit} />
          </>
        )}
      </section>
      <RoomSide room={room} judged={judged} unit={unit} />
    </>
  )
}
