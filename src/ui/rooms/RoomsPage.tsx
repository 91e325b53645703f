import { Button, SegmentedControl } from '@mantine/core'
import type { GearKind } from '@core/library/gear-kind'
import { showLength, type LengthUnit } from '@core/library/length'
import type { Room } from '@core/library/room'
import { fromText } from '../kit/from-text'
import { FloorPlan } from '../kit/FloorPlan'
import { Kit } from '../kit/Kit'
import { useHallSettings, type StoredSettings } from '../kit/use-hall-settings'
import { useLibrary } from '../kit/use-library'
import { RoomEditor } from './RoomEditor'
import type { StoredRoom } from './stored-room'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'

interface RoomsPageProps {
  rooms: StoredRoom[]
  gear: readonly GearKind[]
  figures: StoredSettings
}

/** The hall's rooms to scale, with what stands in them and what is kept free. */
export function RoomsPage(props: RoomsPageProps) {
  return (
    <Kit>
      <Rooms {...props} />
    </Kit>
  )
}

function Rooms({ rooms, gear, figures: first }: RoomsPageProps) {
  const library = useLibrary<Room>({ path: '/api/rooms', many: 'rooms' }, rooms)
  const { settings, change } = useHallSettings(first)
  const unit: LengthUnit = settings.lengthUnit ?? 'm'
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Rooms</h1>
        <span className="push">
          <SegmentedControl
            aria-label="Lengths in"
            data={['m', 'ft']}
            value={unit}
            onChange={(next) => change({ lengthUnit: next as LengthUnit })}
          />
          <Button onClick={() => library.edit('new')}>New room</Button>
        </span>
      </div>
      {library.stored.length === 0 && (
        <div className={`${shell.sheet} ${kit.empty}`}>
          <h2>No rooms yet</h2>
          <p>A class needs a room: add one.</p>
        </div>
      )}
      <div className={kit.roomList}>
        {library.stored.map((stored) => {
          const { id, name, lengthMetres, widthMetres, ceilingMetres } = stored.document
          return (
            <div className={shell.sheet} key={id}>
              <div className={kit.roomHead}>
                <h2>{name}</h2>
                <Button size="compact-sm" variant="default" onClick={() => library.edit(stored)} aria-label={`Change ${name}`}>
                  Change
                </Button>
              </div>
              <p className="second">
                {showLength(lengthMetres, unit)} × {showLength(widthMetres, unit)}, {Math.round(lengthMetres * widthMetres)} m², ceiling{' '}
                {showLength(ceilingMetres, unit)}
              </p>
              <FloorPlan room={stored.document} />
            </div>
          )
        })}
      </div>
      <p className="second">
        Hatched is kept free, black stands in the way, plum is an anchor point, dashed the gear store. Check a low ceiling before overhead
        work, and keep the ways to the exits free. Local building and fire rules come first.
      </p>
      {library.editing && (
        <RoomEditor
          key={library.edited?.document.id ?? 'new'}
          stored={library.edited}
          gear={gear}
          unit={unit}
          onClose={library.close}
          onStored={library.put}
          onErased={library.drop}
        />
      )}
    </div>
  )
}

export const RoomsPageIsland = fromText(RoomsPage)
