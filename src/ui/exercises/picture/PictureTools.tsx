import { Checkbox, Select } from '@mantine/core'
import { withStay } from '@core/figure/edit'
import type { Held, Scenery } from '@core/figure/figure'
import { Surface, type Figure } from '@core/figure/figure'
import { partName, parts } from './part-names'
import styles from './picture.module.css'

interface PictureToolsProps {
  figure: Figure
  onChange: (figure: Figure) => void
}

const surfaceNames: Record<Surface, string> = {
  floor: 'the floor',
  bench: 'a bench',
  chair: 'a chair',
  wall: 'a wall',
  bar: 'a bar',
  ball: 'a large ball',
  halfBall: 'a half-ball',
  trampoline: 'a mini-trampoline',
  treadmill: 'a treadmill',
  rower: 'a rower',
  weights: 'weights',
}
const heldNames: Record<Held['kind'], string> = {
  kettlebell: 'kettlebell',
  dumbbell: 'dumbbell',
  ball: 'medicine ball',
  band: 'band',
  strap: 'strap',
  rope: 'heavy rope',
  skippingRope: 'jump rope',
  towel: 'towel',
}
const handNames: Record<Held['in'], string> = {
  hands: 'in both hands',
  each: 'one in each hand',
  near: 'in the near hand',
  far: 'in the far hand',
}
const things: Scenery['kind'][] = ['mat', 'bench', 'chair', 'wall', 'bar', 'ball', 'halfBall', 'trampoline', 'treadmill', 'rower', 'cones']
const thingNames: Partial<Record<Scenery['kind'], string>> = {
  mat: 'mat',
  bench: 'bench',
  chair: 'chair',
  wall: 'wall',
  bar: 'bar',
  ball: 'large ball',
  halfBall: 'half-ball',
  trampoline: 'mini-trampoline',
  treadmill: 'treadmill',
  rower: 'rower',
  cones: 'cones',
}

const optionsOf = <Key extends string>(names: Partial<Record<Key, string>>) =>
  (Object.entries(names) as [Key, string][]).map(([value, label]) => ({ value, label }))

/** What stays where it is, what is held, and what stands about. */
export function PictureTools({ figure, onChange }: PictureToolsProps) {
  const { stays, view, scenery = [] } = figure
  const [held] = figure.held ?? []
  const setHeld = (change: Partial<Held> | undefined) =>
    onChange({
      ...figure,
      held: change === undefined ? undefined : [{ kind: 'kettlebell', in: 'hands', ...held, ...change }, ...(figure.held ?? []).slice(1)],
    })
  const standing = scenery.map(({ kind }) => kind)
  const surfaces = Surface.options.filter((surface) => surface === 'floor' || standing.some((kind) => kind === surface))
  return (
    <div className={styles.tools}>
      <fieldset className={styles.stays}>
        <legend>Stays where it is, through all of it</legend>
        {parts.map((part) => {
          const stay = stays.find((known) => known.part === part)
          return (
            <div key={part} className={styles.stay}>
              <Checkbox
                size="sm"
                label={partName(part, view)}
                checked={stay !== undefined}
                onChange={({ currentTarget: { checked } }) => onChange(withStay(figure, part, checked ? 'floor' : undefined))}
              />
              {stay && surfaces.length > 1 && (
                <Select
                  size="xs"
                  aria-label={`${partName(part, view)} rests on`}
                  data={surfaces.map((value) => ({ value, label: surfaceNames[value] }))}
                  value={stay.on}
                  allowDeselect={false}
                  onChange={(on) => onChange(withStay(figure, part, on as Surface))}
                />
              )}
            </div>
          )
        })}
      </fieldset>
      <div className={styles.gear}>
        <Select
          size="xs"
          label="Held"
          placeholder="nothing"
          data={optionsOf(heldNames)}
          value={held?.kind ?? null}
          clearable
          onChange={(kind) => setHeld(kind === null ? undefined : { kind: kind as Held['kind'] })}
        />
        {held && (
          <Select
            size="xs"
            label="How"
            data={optionsOf(handNames)}
            value={held.in}
            allowDeselect={false}
            onChange={(to) => setHeld({ in: to as Held['in'] })}
          />
        )}
        <Select
          size="xs"
          label="Stands about"
          placeholder="nothing"
          data={things.map((value) => ({ value, label: thingNames[value]! }))}
          value={things.find((kind) => standing.includes(kind)) ?? null}
          clearable
          onChange={(kind) =>
            onChange({ ...figure, scenery: kind === null ? undefined : [{ kind: kind as Scenery['kind'], x: figure.poses[0]!.hip[0] }] })
          }
        />
      </div>
    </div>
  )
}
