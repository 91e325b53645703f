import { useMemo } from 'react'
import { settingsOf } from '@core/class/compute'
import type { Judged } from '@core/class/fix'
import { judge } from '@core/findings/judge'
import { squareMetresPerson } from '@core/findings/rules/floor-space'
import { layReady } from '@core/floor/laid-ready'
import { bestSpotTrade } from '@core/floor/trade-spots'
import { showLength, type LengthUnit } from '@core/library/length'
import type { Room } from '@core/library/room'
import { ClassSide } from '../shared/ClassSide'
import { useClass } from '../shared/context'
import { FixButtons } from '../shared/FixButtons'
import kit from '../../kit/kit.module.css'

/** What is wrong with the stations' places, what would make the ways shorter, and how all this is reckoned. */
export function RoomSide({ room, judged, unit }: { room: Room; judged: Judged; unit: LengthUnit }) {
  const { document, computed, library, change } = useClass()
  const trade = useMemo(() => bestSpotTrade(document, computed, library, room), [document, computed, library, room])
  const ready = useMemo(() => layReady(document, computed, library, room), [document, computed, library, room])
  const findings = useMemo(
    () => judge(judged).filter((finding) => /^(stationFloor|shortTransition|floorSpace|lowCeiling)/.test(finding.id)),
    [judged],
  )
  return (
    <ClassSide label="Problems in the room" summary={findings.length === 0 ? 'No problems here' : `${findings.length} to look at`}>
      <h2 role="status">{findings.length === 0 ? 'No problems here' : `${findings.length} to look at`}</h2>
      {findings.map((finding) => (
        <div className={kit.note} data-severity={finding.severity} key={finding.id}>
          <b id={finding.id}>{finding.what}</b>
          <p>
            {finding.why}
            {finding.source && ` (${finding.source})`}
          </p>
          {finding.fix && <FixButtons fix={finding.fix} judged={judged} describedBy={finding.id} />}
        </div>
      ))}
      {trade && (
        <div className={kit.note}>
          <b id="trade-spots">Two stations nearer to each other</b>
          <p>
            The longest way is then {trade.needed} s instead of {trade.before} s.
          </p>
          <FixButtons fix={trade.fix} judged={judged} describedBy="trade-spots" />
        </div>
      )}
      {ready && (
        <div className={kit.note}>
          <b id="lay-ready">Gear laid ready</b>
          <p>
            Nobody puts it down or takes it up on the way: the longest then needs {ready.needed} s instead of {ready.before} s.
          </p>
          <FixButtons fix={ready.fix} judged={judged} describedBy="lay-ready" />
        </div>
      )}
      {document.laidReady?.length && (
        <div className={kit.note}>
          <b>Gear lies ready at every place</b>{' '}
          <button type="button" className={kit.linkButton} onClick={() => change((draft) => void delete draft.laidReady)}>
            Have it taken up on the way
          </button>
        </div>
      )}
      <h2>Room for everyone</h2>
      <p className="second">
        {computed.people.length > 0 ? `${((room.lengthMetres * room.widthMetres) / computed.people.length).toFixed(1)} m² a person; ` : ''}
        {squareMetresPerson} m² is the usual factor. Ceiling {showLength(room.ceilingMetres, unit)}. Keep the ways to the exits free and the
        floor dry. Your local building and fire rules come first.
      </p>
      <h2>How this is worked out</h2>
      <p className="second">
        Put down, get up, walk round what stands in the way at {settingsOf(library).walkingMetresPerSecond ?? 1} m/s or the person’s own
        pace, get down, take up. Walls, pillars and exits are set under Rooms.
      </p>
    </ClassSide>
  )
}
