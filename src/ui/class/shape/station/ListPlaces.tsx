import { midSentence } from '@core/base/mid-sentence'
import type { Station, Task } from '@core/plan/plan'
import { finishSeconds, listPlaceAt, type ListPlace } from '@core/pace/pace'
import { formatSeconds } from '@core/base/units'
import { useClass } from '../../shared/context'
import { Cell, Row, Table } from '../../../kit/Table'

/** Where people probably are in a self-paced list, at times through it. */
export function ListPlaces({ stay, station }: { stay: Task; station: Station }) {
  const {
    library,
    computed: { paces },
  } = useClass()
  const length = stay.capSeconds ?? finishSeconds(stay, station.uses, paces).high
  const step = length > 600 ? 120 : length > 240 ? 60 : 30
  const times = Array.from({ length: Math.min(12, Math.floor(length / step)) }, (_, index) => (index + 1) * step)
  const name = (item: number) => {
    const id = station.uses[item]?.exerciseId
    return library.exercises.find((exercise) => exercise.id === id)?.name ?? id ?? ''
  }
  const text = (place: ListPlace) => {
    if (place.done) return 'done'
    const round = place.round === undefined ? 'opener' : stay.rungs ? `rung of ${stay.rungs[place.round]}` : `round ${place.round + 1}`
    return `${round}, ${midSentence(name(place.item))}`
  }
  if (times.length === 0) return null
  return (
    <>
      <h3>Where people probably are</h3>
      <Table columns={['After', 'The quick', 'Most people', 'The slow']}>
        {times.map((second) => {
          const places = listPlaceAt(second, stay, station.uses, paces)
          return (
            <Row key={second}>
              <Cell className="second">{formatSeconds(second)}</Cell>
              <Cell>{text(places.low)}</Cell>
              <Cell>
                <b>{text(places.typical)}</b>
              </Cell>
              <Cell>{text(places.high)}</Cell>
            </Row>
          )
        })}
      </Table>
      <p className="second">An estimate from the paces of this hall and its exercises; they are set on the Exercises page.</p>
    </>
  )
}
