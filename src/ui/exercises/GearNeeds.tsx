import { Button, Select } from '@mantine/core'
import type { GearNeed } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import type { Level } from '@core/library/level'
import { NumberField } from '../kit/NumberField'
import styles from './exercises.module.css'

const levels: Level[] = ['newcomer', 'regular', 'trained']
const per = [
  { value: 'person', label: 'for each person' },
  { value: 'group', label: 'for each group' },
  { value: 'station', label: 'at the station' },
]

/** The size that a level usually takes, for a kind that comes in several. */
function sizesFor(kind: GearKind | undefined): GearNeed['sizeByLevel'] {
  if (!kind || kind.sizes.length < 2) return undefined
  const at = (share: number) => kind.sizes[Math.min(kind.sizes.length - 1, Math.floor(share * kind.sizes.length))]!.id
  return { newcomer: at(0), regular: at(0.34), trained: at(0.67) }
}

/** The gear an exercise needs: kind, how many, for whom, and the usual size by level. */
export function GearNeeds({
  needs,
  gear,
  onChange,
}: {
  needs: GearNeed[]
  gear: readonly GearKind[]
  onChange: (needs: GearNeed[]) => void
}) {
  const kindOf = (id: string) => gear.find((kind) => kind.id === id)
  const set = (at: number, change: Partial<GearNeed>) =>
    onChange(needs.map((need, index) => (index === at ? { ...need, ...change } : need)))
  return (
    <div className={styles.gearNeeds}>
      {needs.map((need, index) => {
        const kind = kindOf(need.kindId)
        return (
          <div className={styles.gearNeed} key={index}>
            <Select
              aria-label="Kind of gear"
              searchable
              data={[
                ...gear.map((known) => ({ value: known.id, label: known.name })),
                ...(kind ? [] : [{ value: need.kindId, label: `${need.kindId}, not kept here` }]),
              ]}
              value={need.kindId}
              allowDeselect={false}
              onChange={(kindId) => {
                const { sizeByLevel: _, ...rest } = need
                const sizes = sizesFor(kindOf(kindId!))
                onChange(
                  needs.map((need, at) => (at === index ? { ...rest, kindId: kindId!, ...(sizes && { sizeByLevel: sizes }) } : need)),
                )
              }}
            />
            <NumberField aria-label="How many" value={need.count} onChange={(count) => set(index, { count: count ?? NaN })} w={90} />
            <Select
              aria-label="For whom"
              data={per}
              value={need.per}
              allowDeselect={false}
              onChange={(value) => set(index, { per: value as GearNeed['per'] })}
              w={150}
            />
            {need.sizeByLevel &&
              kind &&
              levels.map((level) => (
                <Select
                  key={level}
                  aria-label={`Size for a ${level}`}
                  data={kind.sizes.map((size) => ({ value: size.id, label: `${size.label} ${level}` }))}
                  value={need.sizeByLevel![level]}
                  allowDeselect={false}
                  onChange={(size) => set(index, { sizeByLevel: { ...need.sizeByLevel!, [level]: size! } })}
                  w={140}
                />
              ))}
            <Button size="xs" variant="default" onClick={() => onChange(needs.filter((_, at) => at !== index))}>
              Remove
            </Button>
          </div>
        )
      })}
      <Button
        size="xs"
        variant="default"
        disabled={gear.length === 0 || needs.length >= 10}
        onClick={() => {
          const sizes = sizesFor(gear[0])
          onChange([...needs, { kindId: gear[0]!.id, per: 'person', count: 1, ...(sizes && { sizeByLevel: sizes }) }])
        }}
      >
        {needs.length === 0 ? 'Needs gear' : 'More gear'}
      </Button>
    </div>
  )
}
