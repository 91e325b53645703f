import type { LiveRun } from '../live/use-run'
import { EaseButtons } from './EaseButtons'
import { Panel } from './Panel'
import { ChangeTold, useRoomChanges } from './room-changes'
import styles from './panel.module.css'

/** A station out of order, and how hard it is for everyone, while the class runs. */
export function StationsPanel({ runId, live, onClose }: { runId: string; live: LiveRun; onClose: () => void }) {
  const { snapshot, state } = live
  const changes = useRoomChanges(runId, live)
  const { send } = changes
  // The circuit that is on, else the next one to come.
  const pieceId = snapshot.timeline.phases.slice(state.phase.index).find((phase) => snapshot.circuits[phase.pieceId]?.turns)?.pieceId
  const circuit = pieceId === undefined ? undefined : snapshot.circuits[pieceId]
  return (
    <Panel title="Stations" onClose={onClose} told={<ChangeTold {...changes} />}>
      <div className={styles.runLine}>
        <b>Everyone</b>
        <EaseButtons who="everyone" ease={snapshot.ease ?? 'usual'} onEase={(ease) => void send({ type: 'ease', ease })} />
      </div>
      {circuit && pieceId !== undefined ? (
        <>
          <h3>{circuit.name}</h3>
          <ol className={`${styles.runList} is-stations`}>
            {circuit.stations.map((station, index) => {
              const closed = circuit.closed?.includes(index) ?? false
              const name = station.rest ? 'Rest' : ((station.list ? 'A list' : station.exercises[0]?.name) ?? 'Empty')
              return (
                <li key={index}>
                  <span>
                    {index + 1}. {name} {closed && <b>closed</b>}
                  </span>
                  <button
                    type="button"
                    className="small-button"
                    aria-label={`Station ${index + 1}: ${closed ? 'open again' : 'out of order'}`}
                    onClick={() => void send({ type: closed ? 'opens' : 'closes', pieceId, station: index })}
                  >
                    {closed ? 'Open again' : 'Out of order'}
                  </button>
                </li>
              )
            })}
          </ol>
        </>
      ) : (
        <p>No stations are to come in this class.</p>
      )}
    </Panel>
  )
}
