import { useLocalStorage } from '@mantine/hooks'
import { settingsOf } from '@core/class/compute'
import { metresPerFoot, showLength } from '@core/library/length'
import { readingDistance } from '@core/wall/reading-distance'
import { layoutNames, layouts, type Layout } from '@core/run/screens/wall-layouts'
import { classReach, outOfReach, startTiles } from '@core/wall/wall-reach'
import { wallSizes } from '../../wall/layouts'
import { DraftField } from '../../kit/DraftField'
import { decimalNotation } from '../../kit/notation'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { useClass } from '../shared/context'
import kit from '../../kit/kit.module.css'

/** From how far the wall of this class can be read, on a picture of a width that this device remembers. */
export function WallReach() {
  const { library, computed, document, rooms } = useClass()
  const room = rooms.find(({ id }) => id === document.roomId)
  const [guessed, setGuessed] = useLocalStorage({ key: 'vicinor-wall-width', defaultValue: 1.2 })
  const metres = room?.pictureMetres ?? guessed
  const unit = settingsOf(library).lengthUnit ?? 'm'
  const inUnit = unit === 'm' ? 1 : metresPerFoot
  const shown = (distance: number | undefined) => (distance === undefined ? '–' : showLength(Math.floor(distance * 2) / 2, unit))
  const from = (share: number) => shown(readingDistance(share * metres))
  const tiles = startTiles(computed)
  const atWork = (layout: Layout) =>
    layout === 'room' || layout === 'far' ? classReach(tiles, layout, metres) : readingDistance(wallSizes[layout].names! * metres)
  const onTheWay = classReach(tiles, 'way', metres)
  const out = room && document.placesOn !== 'cards' ? outOfReach(tiles, room, metres) : undefined
  return (
    <>
      <h2>How far the wall reads</h2>
      {room?.pictureMetres ? (
        <p>
          The picture in {room.name} is {showLength(room.pictureMetres, unit)} wide. <a href="/rooms">Rooms</a>
        </p>
      ) : (
        <DraftField
          wide
          label={`Width of its picture, ${unit}`}
          notation={decimalNotation(0.2, unit === 'm' ? 20 : 60, unit === 'm' ? 'metres' : 'feet')}
          value={Number((metres / inUnit).toFixed(2))}
          onChange={(width) => width !== undefined && setGuessed(width * inUnit)}
        />
      )}
      {document.placesOn === 'cards' && <p>Everyone reads where to go on a card.</p>}
      {out && (
        <div className={kit.note} data-severity="weigh">
          <b>Names do not read from the back of {room!.name}</b>
          <span>
            On the way they read from {shown(out.reach)}, and the room is {shown(out.back)} long. A wider picture, station screens or cards
            tell those at the back where to go.
          </span>
        </div>
      )}
      <Table
        columns={[
          'Layout',
          { name: 'Digits', kind: 'figure' },
          { name: 'Words', kind: 'figure' },
          { name: 'Names at work', kind: 'figure' },
          { name: 'On the way', kind: 'figure' },
        ]}
      >
        {layouts.map((layout) => (
          <Row key={layout}>
            <RowHead>{layoutNames[layout]}</RowHead>
            <Cell figure>{from(wallSizes[layout].digits)}</Cell>
            <Cell figure>{from(wallSizes[layout].headline)}</Cell>
            <Cell figure>{tiles.length > 0 ? shown(atWork(layout)) : '–'}</Cell>
            <Cell figure>{layout === 'room' || layout === 'far' ? shown(onTheWay) : '–'}</Cell>
          </Row>
        ))}
      </Table>
      <p className="second">
        With the names of this class, worked out with 22 arc minutes (ISO 9241-303) on a 16 : 9 screen. The layout is chosen at the foot of
        the wall.
      </p>
    </>
  )
}
