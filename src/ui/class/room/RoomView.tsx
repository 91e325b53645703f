import { Button } from '@mantine/core'
import { useMemo } from 'react'
import { settingsOf } from '@core/class/compute'
import { judge } from '@core/findings/judge'
import { movePartsWords } from '@core/findings/rules/short-transition'
import { squareMetresPerson } from '@core/findings/rules/floor-space'
import { layOut } from '@core/floor/auto-lay'
import { stationFloors } from '@core/floor/footprints'
import { layReady } from '@core/floor/laid-ready'
import { bestSpotTrade } from '@core/floor/trade-spots'
import { transitionsOf } from '@core/floor/transitions'
import { floorTroubles } from '@core/floor/troubles'
import { walkerOf } from '@core/floor/walk'
import { exercisesById } from '@core/library/by-id'
import { formOf } from '@core/library/form'
import { showLength } from '@core/library/length'
import type { Room } from '@core/library/room'
import { rotatingCircuits } from '@core/plan/turns'
import { useClass } from '../shared/context'
import { FixButtons } from '../shared/FixButtons'
import { FloorPlan } from '../../kit/FloorPlan'
import { useJudged } from '../shared/judged'
import { UndoButtons } from '../shared/UndoButtons'
import { TableHead } from '../../kit/TableHead'

/** Where each station stands in the room, and whether people get from one to the next in time. */
export function RoomView() {
  const { document, rooms } = useClass()
  const room = rooms.find((room) => room.id === document.roomId)
  if (!room)
    return (
      <section className="class-main">
        <div className="empty">
          <h2>No room</h2>
          <p>Choose the room of this class under its name.</p>
        </div>
      </section>
    )
  if (rotatingCircuits(document.plan).length === 0)
    return (
      <section className="class-main">
        <div className="empty">
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
  const lay = () => change((draft) => void (draft.spots = layOut(room, floors).spots))
  const trade = useMemo(() => bestSpotTrade(document, computed, library, room), [document, computed, library, room])
  const ready = useMemo(() => layReady(document, computed, library, room), [document, computed, library, room])
  const findings = useMemo(
    () => judge(judged).filter((finding) => /^(stationFloor|shortTransition|floorSpace|lowCeiling)/.test(finding.id)),
    [judged],
  )
  return (
    <>
      <section className="class-main" aria-label="Room">
        <div className="big-line">
          <span className={`big${short.length > 0 ? ' mend' : ''}`}>
            {spots.length === 0 ? room.name : short.length > 0 ? `${short.length} too short` : 'In time'}
          </span>
          <span>
            {spots.length === 0 ? '' : `of ${transitions.length} ways from station to station; `}
            {showLength(room.lengthMetres, unit)} × {showLength(room.widthMetres, unit)}
          </span>
          <span className="push no-print">
            <Button variant="default" size="sm" onClick={lay}>
              {spots.length === 0 ? 'Lay the stations out' : 'Lay out anew'}
            </Button>
            <UndoButtons />
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
          <div className="empty">
            <h2>No station has its place yet</h2>
            <p>Have them laid out round the room, then drag them to where you want them.</p>
          </div>
        ) : (
          <>
            <p className="second">
              Drag a station, or move it with the arrow keys: a quarter of a metre, with Shift a whole one. Each is as large as its people
              need.
            </p>
            <table className="plain">
              <TableHead
                columns={[
                  'From, to',
                  { name: 'Way', kind: 'figure' },
                  { name: 'Needs', kind: 'figure' },
                  { name: 'Has', kind: 'figure' },
                  'What takes time',
                ]}
              />
              <tbody>
                {transitions.map((transition) => (
                  <tr
                    key={`${transition.circuitId}-${transition.from}-${transition.to}`}
                    className={transition.needed > transition.given ? 'is-short' : undefined}
                  >
                    <th scope="row">
                      {transition.from + 1} to {transition.to + 1}
                    </th>
                    <td className="figure">{showLength(Math.round(transition.metres * 10) / 10, unit)}</td>
                    <td className="figure">{transition.needed} s</td>
                    <td className="figure">{transition.given} s</td>
                    <td className="second">
                      {movePartsWords(transition.parts)}
                      {transition.slowest && transition.needed > transition.given ? `, for ${transition.slowest}` : ''}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </>
        )}
      </section>
      <aside className="class-side" aria-label="What to mend in the room">
        <h2 role="status">{findings.length === 0 ? 'Nothing to mend here' : `${findings.length} to look at`}</h2>
        {findings.map((finding) => (
          <div className={`note is-${finding.severity}`} key={finding.id}>
            <b id={finding.id}>{finding.what}</b>
            <p>
              {finding.why}
              {finding.source && ` (${finding.source})`}
            </p>
            {finding.fix && <FixButtons fix={finding.fix} judged={judged} describedBy={finding.id} />}
          </div>
        ))}
        {trade && (
          <div className="note">
            <b id="trade-spots">Two stations nearer to each other</b>
            <p>
              The longest way is then {trade.needed} s instead of {trade.before} s.
            </p>
            <FixButtons fix={trade.fix} judged={judged} describedBy="trade-spots" />
          </div>
        )}
        {ready && (
          <div className="note">
            <b id="lay-ready">Gear laid ready</b>
            <p>
              Nobody puts it down or takes it up on the way: the longest then needs {ready.needed} s instead of {ready.before} s.
            </p>
            <FixButtons fix={ready.fix} judged={judged} describedBy="lay-ready" />
          </div>
        )}
        {document.laidReady?.length && (
          <div className="note">
            <b>Gear lies ready at every place</b>{' '}
            <button type="button" className="link-button" onClick={() => change((draft) => void delete draft.laidReady)}>
              Have it taken up on the way
            </button>
          </div>
        )}
        <h2>Room for everyone</h2>
        <p className="second">
          {computed.people.length > 0
            ? `${((room.lengthMetres * room.widthMetres) / computed.people.length).toFixed(1)} m² a person; `
            : ''}
          {squareMetresPerson} m² is the usual factor. Ceiling {showLength(room.ceilingMetres, unit)}. Keep the ways to the exits free and
          the floor dry. Your local building and fire rules come first.
        </p>
        <h2>How it is reckoned</h2>
        <p className="second">
          Put down, get up, walk round what stands in the way at {settingsOf(library).walkingMetresPerSecond ?? 1} m/s or the person’s own
          pace, get down, take up. Walls, pillars and exits are set under Rooms.
        </p>
      </aside>
    </>
  )
}
