import { ActionIcon } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useRef } from 'react'
import { exercisesById } from '@core/library/by-id'
import { withStation, withUse } from '@core/plan/edit/circuit'
import { circuitChanged } from '@core/plan/pieces-changed'
import type { Circuit, Plan, Station, Use } from '@core/plan/plan'
import { stationClauses, stationOffers } from '@core/summary/sentence/station-clauses'
import { useClass } from '../../shared/context'
import { Offers } from '../sentence/Offers'
import { Sentence } from '../sentence/Sentence'
import { usePlanTyping } from '../sentence/use-plan-typing'
import { enter, walk } from '../sentence/walk'
import { ListPlaces } from './ListPlaces'
import { UseSentence } from './UseSentence'
import sentence from '../sentence/sentence.module.css'
import styles from './station.module.css'

const newId = () => nanoid(10)

interface StationPanelProps {
  circuit: Circuit
  station: Station
  /** Of a list, the item that is looked at. */
  useId: string | undefined
  onClose: () => void
}

/** All that is said of one station: its place, and how each of its exercises is done; what is not said is offered. */
export function StationPanel({ circuit, station, useId, onClose }: StationPanelProps) {
  const { library } = useClass()
  const typing = usePlanTyping()
  const root = useRef<HTMLElement>(null)
  const index = circuit.stations.findIndex(({ id }) => id === station.id)
  const stay = station.stay ?? circuit.stay
  const ofStation = (change: (station: Station) => Station) => (plan: Plan) =>
    circuitChanged(plan, circuit.id, (now) => withStation(now, station.id, change))
  const ofUse = (id: string, change: (use: Use) => Use) => (plan: Plan) =>
    circuitChanged(plan, circuit.id, (now) => withUse(now, station.id, id, change))
  const add = (change: (plan: Plan) => Plan, slot: string) => {
    typing.set('', change)
    if (slot) requestAnimationFrame(() => enter(root.current, slot))
  }
  const byId = exercisesById(library.exercises)
  const uses = useId === undefined ? station.uses : station.uses.filter(({ id }) => id === useId)
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- the keys are of the fields in it
    <section ref={root} className={styles.panel} aria-label={`Station ${index + 1} in detail`} onKeyDown={walk}>
      <ActionIcon className={styles.close} variant="subtle" color="gray" aria-label="Close" onClick={onClose}>
        ×
      </ActionIcon>
      {useId === undefined && (
        <>
          <p className={`${sentence.sentence} ${sentence.small}`}>
            <Sentence
              clauses={stationClauses(station, index + 1)}
              prefix="station."
              edits={{ begin: typing.begin, set: (slot, change) => typing.set(slot, ofStation(change)) }}
            />
            .
          </p>
          <Offers
            offers={stationOffers(station, circuit).map(({ id, words, slot, add: adds }) => ({
              id,
              words,
              onAdd: () =>
                add(
                  ofStation((now) => adds(now, newId)),
                  slot && `station.${slot}`,
                ),
            }))}
          />
        </>
      )}
      {uses.map((use) => (
        <UseSentence
          key={use.id}
          use={use}
          exercise={byId.get(use.exerciseId)}
          kind={stay.kind}
          laps={circuit.laps}
          edits={{ begin: typing.begin, set: (slot, change) => typing.set(slot, ofUse(use.id, change)) }}
          onAdd={(change, slot) => add(ofUse(use.id, change), slot)}
        />
      ))}
      {stay.kind === 'task' && useId === undefined && uses.length > 0 && <ListPlaces stay={stay} station={station} />}
      {uses.length === 0 && <p className="second">No exercise here yet.</p>}
    </section>
  )
}
