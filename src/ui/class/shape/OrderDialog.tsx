import { Button, Checkbox, Modal, Slider } from '@mantine/core'
import { useMemo, useState } from 'react'
import { bestOrder, orderCost, stepCosts, usualWeights, type OrderWeights } from '@core/order/order'
import { metresBetween, withStationOrder } from '@core/floor/order-placed'
import type { Circuit } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import { useClass } from '../shared/context'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

const matters: { key: keyof OrderWeights; label: string }[] = [
  { key: 'region', label: 'No region twice running' },
  { key: 'grip', label: 'No tired grip twice running' },
  { key: 'impact', label: 'No jumps twice running' },
  { key: 'floor', label: 'Seldom to the floor and up' },
  { key: 'sharedGear', label: 'Shared gear next door' },
  { key: 'walking', label: 'Short ways' },
]

const words = ['not at all', 'a little', 'much', 'most of all']

/** The order of the stations round the room that suits best, by what the coach says matters. */
export function OrderDialog({ circuit, opened, onClose }: { circuit: Circuit; opened: boolean; onClose: () => void }) {
  const { document, library, rooms, store } = useClass()
  const room = rooms.find((room) => room.id === document.roomId)
  const [weights, setWeights] = useState(usualWeights)
  const [locked, setLocked] = useState<ReadonlySet<number>>(new Set())
  const metres = useMemo(() => (opened ? metresBetween(document, circuit, room) : undefined), [opened, document, circuit, room])
  const costs = useMemo(() => (opened ? stepCosts(circuit, library, weights, metres) : []), [opened, circuit, library, weights, metres])
  const best = useMemo(() => bestOrder(costs, locked), [costs, locked])
  const now = orderCost(
    costs.map((_, index) => index),
    costs,
  )
  const nameOf = (index: number) =>
    library.exercises.find((exercise) => exercise.id === circuit.stations[index]?.uses[0]?.exerciseId)?.name ?? 'no exercise yet'
  const changed = best.order.some((station, place) => station !== place)
  return (
    <Modal opened={opened} onClose={onClose} title={`Order round the room: ${pieceName(circuit)}`} size="lg">
      <div className={styles.order}>
        <div>
          {matters
            .filter(({ key }) => key !== 'walking' || metres)
            .map(({ key, label }) => (
              <div key={key} className={styles.orderWeight}>
                <div>
                  {label} <span className="second">{words[weights[key]]}</span>
                </div>
                <Slider
                  min={0}
                  max={3}
                  step={1}
                  value={weights[key]}
                  onChange={(value) => setWeights((before) => ({ ...before, [key]: value }))}
                  thumbLabel={label}
                  label={(value) => words[value]}
                  marks={[{ value: 0 }, { value: 1 }, { value: 2 }, { value: 3 }]}
                />
              </div>
            ))}
        </div>
        <ol>
          {best.order.map((station, place) => (
            <li key={circuit.stations[station]!.id}>
              <span>
                {nameOf(station)} {station !== place && <span className="second">was {station + 1}</span>}
              </span>
              <Checkbox
                label="stays"
                aria-label={`${nameOf(station)} stays where it is`}
                checked={locked.has(station)}
                onChange={(event) => {
                  const { checked } = event.currentTarget
                  setLocked((before) => new Set(checked ? [...before, station] : [...before].filter((value) => value !== station)))
                }}
              />
            </li>
          ))}
        </ol>
      </div>
      {metres && <p className="second">The stations keep their places in the room; the way round them changes.</p>}
      <p role="status">
        {changed ? `${best.cost} points instead of ${now}` : `${now} points: as it is`};{' '}
        {best.proven ? 'proven best of all orders.' : `no order can have fewer than ${best.bound}.`}
      </p>
      <div className={kit.dialogFoot}>
        <Button
          disabled={!changed}
          onClick={() => {
            store.getState().replace(withStationOrder(document, circuit, best.order))
            onClose()
          }}
        >
          Use this order
        </Button>
      </div>
    </Modal>
  )
}
