import { midSentence } from '@core/base/mid-sentence'
import { Button, Checkbox } from '@mantine/core'
import { useLocalStorage } from '@mantine/hooks'
import type { ReactNode } from 'react'
import { bringList, piecesWords, setUpList, sharedNextDoor, swapLists, tearDownList } from '@core/gear/lists/lists'
import { formatSeconds } from '@core/base/units'
import { settingsOf } from '@core/class/compute'
import { carryRound } from '@core/floor/carry-round'
import { showLength } from '@core/library/length'
import { useClass } from '../shared/context'
import styles from './gear.module.css'
import kit from '../../kit/kit.module.css'

/** Lists to carry by, to be ticked off on a phone: set up, swap, put away, and what people bring. Ticks stay on this device. */
export function GearLists() {
  const { id, computed, document, library, rooms } = useClass()
  const { plan } = document
  const { gear } = computed
  const [ticked, setTicked] = useLocalStorage<string[]>({ key: `vicinor-carried-${id}`, defaultValue: [] })
  const setUp = setUpList(plan, gear)
  const round = carryRound(
    setUp.places,
    document.spots,
    rooms.find((room) => room.id === document.roomId),
  )
  const sizes = computed.groups.map((group) => group.length)
  const swaps = computed.timeline.ok ? swapLists(plan, computed.timeline.value, gear, sizes) : []
  const shared = sharedNextDoor(plan, gear)
  const bring = bringList(document, computed, library)
  const tick = (key: string, label: ReactNode) => (
    <Checkbox
      key={key}
      className={styles.carry}
      checked={ticked.includes(key)}
      label={label}
      onChange={(event) => {
        const { checked } = event.currentTarget
        setTicked((now) => (checked ? [...now, key] : now.filter((id) => id !== key)))
      }}
    />
  )
  return (
    <div className={styles.carryLists}>
      <section aria-label="Set up">
        <h2>Set up</h2>
        <p className="second">
          {round
            ? `In the order of ${round.proven ? 'the shortest' : 'a short'} walk from the store past all of them and back: ${showLength(Math.round(round.metres), settingsOf(library).lengthUnit ?? 'm')}.`
            : 'In the order of the stations round the room.'}
        </p>
        {(round?.places ?? setUp.places).map((place) => (
          <div key={`${place.circuitId}-${place.station ?? 'all'}`}>
            <h3>
              {place.name}
              {place.at.length > 0 && <span className="second"> at {place.at.map(piecesWords).map(midSentence).join(', ')}</span>}
            </h3>
            {place.pieces.map((pieces) =>
              tick(
                `up/${place.circuitId}/${place.station ?? 'all'}/${pieces.kindId}/${pieces.sizeId}/${pieces.count}`,
                piecesWords(pieces),
              ),
            )}
          </div>
        ))}
        {document.laidReady?.length && <p className="second">Laid ready at every place: each size where its people will stand.</p>}
        {setUp.goRound.length > 0 && (
          <div>
            <h3>Goes round with those who use it</h3>
            <p className="second">Too few to stand at every station.</p>
            {setUp.goRound.map((pieces) => tick(`round/${pieces.kindId}/${pieces.sizeId}/${pieces.count}`, piecesWords(pieces)))}
          </div>
        )}
        {shared.length > 0 && (
          <div>
            <h3>Shared next door</h3>
            <ul className="plain-list">
              {shared.map(({ circuit, stations, pieces }) => (
                <li key={`${circuit}-${stations.join('-')}`}>
                  {circuit} {stations.join(' and ')}: {pieces.map(piecesWords).join(', ')}
                </li>
              ))}
            </ul>
          </div>
        )}
      </section>
      {swaps.map((swap) => (
        <section key={`${swap.from}-${swap.to}`} aria-label={`Swap, ${swap.from} to ${swap.to}`}>
          <h2>
            Swap, {swap.from} to {swap.to}
            {swap.times > 1 && `, ${swap.times} times`}
          </h2>
          {swap.needed === undefined ? (
            <p className="second">Has {formatSeconds(swap.given)}. Tick who is here on People to see what it needs.</p>
          ) : (
            <p className={swap.needed > swap.given ? kit.mend : 'second'}>
              Needs about {formatSeconds(swap.needed)}, has {formatSeconds(swap.given)}. Those at a station carry together, 10 s a piece:
              our estimate.
            </p>
          )}
          {swap.stations.map(({ station, goes, comes, stays }) => (
            <div key={station}>
              <h3>Station {station}</h3>
              {goes.map((pieces) => tick(`goes/${swap.to}/${station}/${pieces.kindId}/${pieces.sizeId}`, `Away: ${piecesWords(pieces)}`))}
              {comes.map((pieces) => tick(`comes/${swap.to}/${station}/${pieces.kindId}/${pieces.sizeId}`, `Here: ${piecesWords(pieces)}`))}
              {stays.length > 0 && <p className="second">Stays: {stays.map(piecesWords).join(', ')}</p>}
            </div>
          ))}
        </section>
      ))}
      <section aria-label="Put away">
        <h2>Put away</h2>
        <p className="second">Count it back.</p>
        {tearDownList(plan, gear).map((pieces) => tick(`away/${pieces.kindId}/${pieces.sizeId}/${pieces.count}`, piecesWords(pieces)))}
      </section>
      <section aria-label="What people bring">
        <h2>What people bring</h2>
        {bring.length === 0 && <p className="second">Nothing: the hall has it all. Something to drink.</p>}
        {bring.map(({ who, kinds }) => (
          <p key={who}>
            <b>{who}:</b> {kinds.join(', ')}
          </p>
        ))}
      </section>
      <div className="no-print">
        <Button size="xs" variant="default" disabled={ticked.length === 0} onClick={() => setTicked([])}>
          Clear all ticks
        </Button>{' '}
        <Button size="xs" variant="default" onClick={() => window.print()}>
          Print
        </Button>
      </div>
    </div>
  )
}
