import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { arrayMove, SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { nanoid } from 'nanoid'
import { useRef } from 'react'
import { flushSync } from 'react-dom'
import { withStation } from '@core/plan/edit/circuit'
import { circuitChanged } from '@core/plan/pieces-changed'
import type { Circuit, Station, Task, Use } from '@core/plan/plan'
import { readItem } from '@core/search/read-item'
import { partOf } from '@core/plan/edit/parts'
import { differsTexts } from '@core/summary/sentence/differs-text'
import { listOrder } from '@core/summary/list-lines'
import { paceText } from '@core/summary/items'
import { useClass } from '../../shared/context'
import { spokenMoves } from '../../../kit/spoken-moves'
import { useExerciseSearch } from '../../shared/use-exercise-search'
import { usePlanTyping } from '../sentence/use-plan-typing'
import { ListLine } from './ListLine'
import styles from './list.module.css'

const newId = () => nanoid(10)

/** Where a line stands in the list, for the focus. */
const lineId = (station: Station, at: number) => `line-${station.id}-${at}`

interface ListLinesProps {
  circuit: Circuit
  station: Station
  stay: Task
  number: number
  /** Opens what else is said of an item. */
  onOpen: (useId: string) => void
}

/** A list as on a board, one line an item: typed, pasted several lines at once, dragged. */
export function ListLines({ circuit, station, stay, number, onOpen }: ListLinesProps) {
  const { document: planned, library, computed } = useClass()
  const search = useExerciseSearch()
  const part = partOf(planned.plan, circuit.id)
  const nameOf = (id: string) => library.exercises.find((known) => known.id === id)?.name ?? id
  const differs = (use: Use | undefined) => (use && part ? differsTexts(use, circuit, part, nameOf).join('; ') : '')
  const typing = usePlanTyping()
  const box = useRef<HTMLDivElement>(null)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const spoken = spokenMoves((id) => `item ${station.uses.findIndex((use) => use.id === id) + 1}`)
  const change = (slot: string, recipe: (uses: Use[]) => Use[]) =>
    typing.set(slot, (plan) =>
      circuitChanged(plan, circuit.id, (now) => withStation(now, station.id, (known) => ({ ...known, uses: recipe(known.uses) }))),
    )
  const rungs = stay.rungs !== undefined
  const read = (text: string, before?: Use) => readItem(text, before, { exercises: library.exercises, search }, newId, rungs)
  const focus = (at: number) => box.current?.querySelector<HTMLElement>(`#${lineId(station, at)}`)?.focus()
  const remove = (at: number) => change('', (uses) => uses.toSpliced(at, 1))
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return
    change('', (uses) => {
      const place = (id: unknown) => uses.findIndex((use) => use.id === id)
      return arrayMove(uses, place(active.id), place(over.id))
    })
  }
  /** Lines that were pasted at a place: each that can be read is an item before it; those that cannot are given back. */
  const paste = (lines: string[], at: number): string[] => {
    const readings = lines.map((text) => ({ text, item: read(text) }))
    const items = readings.flatMap(({ item }) => (item && 'use' in item ? [item.use] : []))
    if (items.length > 0) change('', (uses) => uses.toSpliced(at, 0, ...items))
    return readings.flatMap(({ text, item }) => (item && 'missed' in item ? [text] : []))
  }
  return (
    <div ref={box} className={styles.list} role="group" aria-label={`List at station ${number}`}>
      <DndContext sensors={sensors} collisionDetection={closestCenter} accessibility={spoken} onDragEnd={drop}>
        <SortableContext items={station.uses.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          {[...listOrder(stay, station.uses.length), station.uses.length].map((line) =>
            typeof line === 'string' ? (
              <div key={line} className={`second ${styles.lead}`}>
                {line}
              </div>
            ) : (
              <ListLine
                key={station.uses[line]?.id ?? 'new'}
                id={lineId(station, line)}
                use={station.uses[line]}
                number={line + 1}
                rungs={rungs}
                differs={differs(station.uses[line])}
                read={read}
                onBegin={() => typing.begin(`line-${line}`)}
                onItem={(use) => change(`line-${line}`, (uses) => (line < uses.length ? uses.with(line, use) : [...uses, use]))}
                // At once: who types on before the next frame would be taken from where they type. The last line stays the last, with the focus.
                onNext={() => focus(line + 1)}
                onPaste={(lines) => paste(lines, line)}
                onRemove={() => remove(line)}
                onBack={() => {
                  // To leave the line while it is there would remove it again.
                  flushSync(() => remove(line))
                  focus(Math.max(0, line - 1))
                }}
                onOpen={onOpen}
              />
            ),
          )}
        </SortableContext>
      </DndContext>
      {station.uses.length > 0 && <div className={`second ${styles.pace}`}>{paceText(stay, station.uses, computed.paces)}</div>}
    </div>
  )
}
