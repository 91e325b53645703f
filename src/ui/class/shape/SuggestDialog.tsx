import { Button, Checkbox, Modal } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import { usableIn } from '@core/library/gear-kind'
import type { Circuit } from '@core/plan/plan'
import { asksInWords, fillStations } from '@core/suggest/fill'
import { easyReasons, fillEasy, purposeOf } from '@core/suggest/fill-easy'
import { wantedBy } from '@core/suggest/suggested'
import { newUse, starterOf } from '@core/plan/edit/use'
import { pieceName } from '@core/summary/names'
import { useClass, usePlanEdits } from '../shared/context'
import { Cell, Row, Table } from '../../kit/Table'
import kit from '../../kit/kit.module.css'

/**
 * Exercises for the stations of a circuit, with the reasons. What is there stays unless it is opened to be filled; what is kept
 * stays when the others are shuffled. Nothing changes until it is used.
 */
export function SuggestDialog({ circuit, opened, onClose }: { circuit: Circuit; opened: boolean; onClose: () => void }) {
  const { computed, library, document, rooms } = useClass()
  const { editPiece } = usePlanEdits()
  const [seed, setSeed] = useState(1)
  /** Suggestions that stay through a shuffle, by station. */
  const [kept, setKept] = useState<Record<string, string>>({})
  /** Stations that have an exercise and are to get another. */
  const [cleared, setCleared] = useState<ReadonlySet<string>>(new Set())
  const room = rooms.find((room) => room.id === document.roomId)
  const groupSize = Math.max(1, ...computed.groups.map((group) => group.length))
  const purpose = purposeOf(document.plan, circuit)
  const wanted = useMemo(() => wantedBy(document.plan, computed, library), [document.plan, computed, library])
  const suggestions = useMemo(() => {
    if (!opened) return new Map<string, ReturnType<typeof fillStations>[number]>()
    const stations = circuit.stations.map((station) => {
      const keptId = kept[station.id]
      if (keptId) return { ...station, uses: [{ id: 'kept', exerciseId: keptId, sides: 'none' as const }] }
      return cleared.has(station.id) ? { ...station, uses: [] } : station
    })
    const toFill = { ...circuit, stations }
    const filled =
      purpose === 'main'
        ? fillStations(toFill, {
            library: { ...library, gear: usableIn(library.gear, document.roomId) },
            people: computed.people,
            groupSize,
            room,
            seed,
          })
        : fillEasy(toFill, purpose, { exercises: library.exercises, wanted, seed })
    return new Map(filled.map((suggestion) => [suggestion.stationId, suggestion]))
  }, [opened, circuit, kept, cleared, library, computed.people, groupSize, room, seed, purpose, wanted, document.roomId])
  const known = (id: string | undefined) => library.exercises.find((exercise) => exercise.id === id)
  const nameOf = (id: string | undefined) => known(id)?.name ?? id ?? ''
  /** What is there already is told why too, where it warms up or stretches. */
  const whyOwn = (id: string) => {
    const exercise = known(id)
    return exercise && purpose !== 'main' && wanted ? `yours: ${easyReasons(exercise, purpose, wanted).join(', ')}` : 'yours'
  }
  const chosen = circuit.stations.flatMap((station) => {
    const id = kept[station.id] ?? suggestions.get(station.id)?.exercise.id
    return id ? [{ stationId: station.id, exerciseId: id }] : []
  })
  const use = () => {
    editPiece(circuit, (draft) => {
      for (const { stationId, exerciseId } of chosen) {
        const station = draft.stations.find((station) => station.id === stationId)!
        station.uses = [newUse(starterOf(library.exercises, exerciseId), station.stay ?? draft.stay, () => nanoid(10))]
      }
    })
    onClose()
  }
  return (
    <Modal opened={opened} onClose={onClose} title={`Exercises for ${pieceName(circuit)}`} size="xl">
      <Table columns={['Station', 'Exercise', 'Why', 'Keep']}>
        {circuit.stations.map((station, index) => {
          const keptId = kept[station.id]
          const suggestion = suggestions.get(station.id)
          const own = station.uses[0] && !cleared.has(station.id)
          return (
            <Row key={station.id}>
              <Cell className="second">{index + 1}</Cell>
              <Cell>
                <b>
                  {own
                    ? nameOf(station.uses[0]!.exerciseId)
                    : keptId
                      ? nameOf(keptId)
                      : (suggestion?.exercise.name ?? (station.rest ? 'Rest' : 'nothing fits'))}
                </b>
                {suggestion && asksInWords(suggestion.exercise) && <div className="second">loads {asksInWords(suggestion.exercise)}</div>}
              </Cell>
              <Cell className="second">{own ? whyOwn(station.uses[0]!.exerciseId) : keptId ? 'kept' : suggestion?.reasons.join(', ')}</Cell>
              <Cell>
                {station.rest ? null : own || cleared.has(station.id) ? (
                  <Checkbox
                    aria-label={`Keep the exercise of station ${index + 1}`}
                    checked={own !== undefined && own !== false}
                    onChange={(event) => {
                      const { checked } = event.currentTarget
                      setCleared((now) => new Set(checked ? [...now].filter((id) => id !== station.id) : [...now, station.id]))
                    }}
                  />
                ) : (
                  <Checkbox
                    aria-label={`Keep the suggestion for station ${index + 1}`}
                    checked={keptId !== undefined}
                    disabled={!keptId && !suggestion}
                    onChange={(event) => {
                      const { checked } = event.currentTarget
                      setKept(({ [station.id]: _, ...rest }) =>
                        checked && suggestion ? { ...rest, [station.id]: suggestion.exercise.id } : rest,
                      )
                    }}
                  />
                )}
              </Cell>
            </Row>
          )
        })}
      </Table>
      {chosen.length === 0 && <p className="second">Every station has its exercise. Take away a tick to have another suggested for it.</p>}
      <div className={kit.dialogFoot}>
        <Button variant="default" disabled={chosen.length === 0} onClick={() => setSeed((now) => now + 1)}>
          Shuffle what is not kept
        </Button>
        <Button disabled={chosen.length === 0} onClick={use}>
          Use {chosen.length === 1 ? 'this one' : `these ${chosen.length}`}
        </Button>
      </div>
    </Modal>
  )
}
