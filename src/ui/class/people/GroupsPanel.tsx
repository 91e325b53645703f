import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { Button, Checkbox, Menu, MultiSelect, SegmentedControl } from '@mantine/core'
import { useMemo, useState } from 'react'
import { groupPlaces } from '@core/class/compute'
import { allWishes, arrangeClass, pointsOf } from '@core/grouping/arrange-class'
import type { ArrangedGroup } from '@core/grouping/arranged'
import { forbidden, pairCost } from '@core/grouping/cost'
import { groupCount } from '@core/grouping/groups'
import { clashWords, noWishes, type GroupWishes } from '@core/grouping/wishes'
import type { GroupSize } from '@core/grouping/group-size'
import type { Person } from '@core/library/person'
import { CountField } from '../../kit/DraftField'
import { useClass } from '../shared/context'
import { usePastPartners } from '../shared/use-past-partners'
import styles from './people.module.css'
import frame from '../class.module.css'
import kit from '../../kit/kit.module.css'

const sizes: { value: GroupSize; label: string }[] = [
  { value: 'solo', label: 'Solo' },
  { value: 'pairs', label: 'Pairs' },
  { value: 'trios', label: 'Trios' },
  { value: 'fours', label: 'Fours' },
  { value: 'fit', label: 'Fit to stations' },
]

/** Who works with whom: size, wishes, the best groups for them, and changes by hand with what they cost. */
export function GroupsPanel() {
  const { document, computed, change } = useClass()
  const past = usePastPartners()
  const { people, groups } = computed
  const places = groupPlaces(document.plan, people.length)
  const wishes = document.wishes ?? noWishes
  const best = useMemo(() => arrangeClass(document, people, places, past), [document, people, places, past])
  const points = useMemo(
    () => pointsOf(groups, pairCost(allWishes(document.wishes, people), past)),
    [groups, document.wishes, people, past],
  )
  const nameOf = (id: string) => people.find((person) => person.id === id)?.name ?? id
  const setWishes = (next: Partial<GroupWishes>) => change((draft) => void (draft.wishes = { ...wishes, ...next }))
  const asArranged = (): ArrangedGroup[] =>
    groups.map((group) => ({ ids: group.map((person) => person.id), locked: lockedGroup(document.arranged, group) }))
  const move = (id: string, to: number) =>
    change((draft) => {
      const arranged = asArranged().map((group, index) => ({
        ...group,
        ids: index === to ? [...group.ids.filter((known) => known !== id), id] : group.ids.filter((known) => known !== id),
      }))
      draft.arranged = arranged.filter((group) => group.ids.length > 0)
    })
  const lock = (index: number, locked: boolean) =>
    change((draft) => void (draft.arranged = asArranged().map((group, at) => (at === index ? { ...group, locked } : group))))
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }))
  const drop = ({ active, over }: DragEndEvent) => over && move(String(active.id), Number(over.id))
  return (
    <>
      <h2>Groups</h2>
      <SegmentedControl
        orientation="vertical"
        fullWidth
        aria-label="Group size"
        data={sizes}
        value={document.groupSize}
        onChange={(value) =>
          change((draft) => {
            draft.groupSize = value as GroupSize
            delete draft.arranged
          })
        }
      />
      <div className={styles.wishes}>
        <div className="draft-label">Levels in a group</div>
        <SegmentedControl
          fullWidth
          aria-label="Levels in a group"
          data={[
            { value: 'any', label: 'as it comes' },
            { value: 'mix', label: 'mixed' },
            { value: 'match', label: 'alike' },
          ]}
          value={wishes.levels}
          onChange={(levels) => setWishes({ levels: levels as GroupWishes['levels'] })}
        />
        <Checkbox
          mt="sm"
          label="Partners who take the same sizes"
          checked={wishes.sharedLoads}
          onChange={(event) => setWishes({ sharedLoads: event.currentTarget.checked })}
        />
        <CountField
          label="No partner of the last … classes"
          value={wishes.newPartners}
          least={0}
          most={20}
          onChange={(newPartners) => setWishes({ newPartners })}
        />
        <PairWishes wishes={wishes} onChange={setWishes} />
      </div>
      {best.clashes.map((clash) => {
        const words = clashWords(clash, groupCount(document.groupSize), nameOf)
        return (
          <div className={kit.note} data-severity="mend" role="alert" key={words}>
            <b>{words}</b>
          </div>
        )
      })}
      {people.length > 1 && (
        <div className={styles.makeGroups}>
          <Button
            fullWidth
            onClick={() => change((draft) => void (draft.arranged = best.arranged))}
            disabled={points <= best.cost && document.arranged !== undefined}
          >
            Regroup
          </Button>
          <p className="second" role="status">
            {verdict(points, best)}
          </p>
        </div>
      )}
      {groups.length === 0 && <p className="second">Tick who is here, and the groups are made.</p>}
      <DndContext sensors={sensors} onDragEnd={drop}>
        <ol className={styles.groups} aria-label="Groups">
          {groups.map((group, index) => (
            <GroupRow
              key={group.map((person) => person.id).join()}
              index={index}
              count={groups.length}
              group={group}
              locked={lockedGroup(document.arranged, group)}
              onLock={(locked) => lock(index, locked)}
              onMove={move}
            />
          ))}
        </ol>
      </DndContext>
      {document.arranged && (
        <button type="button" className={kit.linkButton} onClick={() => change((draft) => void delete draft.arranged)}>
          In the order they came
        </button>
      )}
    </>
  )
}

const lockedGroup = (arranged: ArrangedGroup[] | undefined, group: readonly Person[]) =>
  arranged?.some((known) => known.locked && known.ids.includes(group[0]!.id)) ?? false

function verdict(points: number, { cost, bound }: { cost: number; bound: number }): string {
  const proven = cost === bound ? 'proven: none are better' : `none can be better than by ${cost - bound}`
  if (points === cost) return `These groups are the best found; ${proven}.`
  const broken = Math.round((points - cost) / forbidden)
  if (broken > 0) return `These groups go against ${broken === 1 ? 'a wish that' : `${broken} wishes that`} the best found keep.`
  return points > cost
    ? `These groups cost ${points - cost} points more than the best found (${proven}).`
    : `These groups are ${cost - points} points better than the best found.`
}

function PairWishes({ wishes, onChange }: { wishes: GroupWishes; onChange: (next: Partial<GroupWishes>) => void }) {
  const { computed } = useClass()
  const [two, setTwo] = useState<string[]>([])
  const nameOf = (id: string) => computed.people.find((person) => person.id === id)?.name ?? id
  const add = (key: 'together' | 'apart') => {
    onChange({ [key]: [...wishes[key], [two[0]!, two[1]!]] })
    setTwo([])
  }
  const rows = (['together', 'apart'] as const).flatMap((key) => wishes[key].map((pair, index) => ({ key, pair, index })))
  return (
    <>
      <MultiSelect
        mt="sm"
        label="Two people"
        searchable
        maxValues={2}
        placeholder={two.length === 0 ? 'names' : undefined}
        data={computed.people.map((person) => ({ value: person.id, label: person.name }))}
        value={two}
        onChange={setTwo}
      />
      <div className={frame.wishBar}>
        <Button size="compact-sm" variant="default" disabled={two.length < 2} onClick={() => add('together')}>
          Keep together
        </Button>
        <Button size="compact-sm" variant="default" disabled={two.length < 2} onClick={() => add('apart')}>
          Keep apart
        </Button>
      </div>
      {rows.map(({ key, pair, index }) => (
        <div className={styles.wish} key={`${key}-${pair.join()}-${index}`}>
          {pair.map(nameOf).join(' and ')} {key}
          <button type="button" className={kit.peekButton} onClick={() => onChange({ [key]: wishes[key].filter((_, at) => at !== index) })}>
            leave out
          </button>
        </div>
      ))}
    </>
  )
}

interface GroupRowProps {
  index: number
  count: number
  group: Person[]
  locked: boolean
  onLock: (locked: boolean) => void
  onMove: (id: string, to: number) => void
}

function GroupRow({ index, count, group, locked, onLock, onMove }: GroupRowProps) {
  const { setNodeRef, isOver } = useDroppable({ id: String(index) })
  return (
    <li ref={setNodeRef} className={isOver ? styles.isOver : undefined} aria-label={group.map((person) => person.name).join(', ')}>
      {group.map((person) => (
        <PersonChip key={person.id} person={person} from={index} count={count} onMove={onMove} />
      ))}
      <button
        type="button"
        className={kit.peekButton}
        aria-pressed={locked}
        aria-label={`Group ${index + 1} ${locked ? 'is locked' : 'is not locked'}`}
        onClick={() => onLock(!locked)}
      >
        {locked ? 'locked' : 'lock'}
      </button>
    </li>
  )
}

/** A person of a group: dragged to another, or sent there from a menu. */
function PersonChip({
  person,
  from,
  count,
  onMove,
}: {
  person: Person
  from: number
  count: number
  onMove: (id: string, to: number) => void
}) {
  const { listeners, setNodeRef, transform } = useDraggable({ id: person.id })
  const style = transform
    ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 2, position: 'relative' as const }
    : undefined
  return (
    <Menu>
      <Menu.Target>
        <button type="button" ref={setNodeRef} className={styles.chip} style={style} {...listeners}>
          {person.name}
        </button>
      </Menu.Target>
      <Menu.Dropdown mah={300} className={styles.chipMenu}>
        {Array.from({ length: count }, (_, to) => to)
          .filter((to) => to !== from)
          .map((to) => (
            <Menu.Item key={to} onClick={() => onMove(person.id, to)}>
              To group {to + 1}
            </Menu.Item>
          ))}
      </Menu.Dropdown>
    </Menu>
  )
}
