import { describe, expect, it } from 'vitest'
import { Figure } from '../../../src/core/figure/figure'
import { shownPose } from '../../../src/core/figure/pairs'
import { figureTroubles } from '../../../src/core/figure/limits'
import { place, type PlacedBody } from '../../../src/core/figure/place'
import { formsOf, type Form } from '../../../src/core/library/form'
import { libraryExercises } from '../exercises'
import { stockFigures } from '.'

const forms = libraryExercises.flatMap(formsOf)

/** Where everything of a body is. */
const pointsOf = ({ neck, head, arms, legs }: PlacedBody) =>
  [neck, head, ...arms.flatMap(({ elbow, hand }) => [elbow, hand]), ...legs.flatMap(({ knee, toes }) => [knee, toes])].map(
    ({ x, y }) => [x, y] as const,
  )

/** The mean distance between two pictures' bodies, at their start and at their end, from their hips; as each is drawn. */
function unlike(a: Figure, b: Figure): number {
  const at = (figure: Figure, index: number) => {
    const body = place(figure.poses[index]!, figure.view)
    const facing = figure.mirrored ? -1 : 1
    return pointsOf(body).map(([x, y]) => [facing * (x - body.hip.x), y] as const)
  }
  const means = [
    [at(a, 0), at(b, 0)],
    [at(a, shownPose(a)), at(b, shownPose(b))],
  ].map(
    ([one, other]) => one!.reduce((sum, [x, y], index) => sum + Math.hypot(x - other![index]![0], y - other![index]![1]), 0) / one!.length,
  )
  return Math.max(...means)
}

/** Where only the tempo, a hold or a load changes, the picture is that of the exercise. */
const looksAlike = (form: Form) => /second|light weights|light dumbbells|pause half-way/.test(form.name)

describe('the figures of the library', () => {
  it('are there for every exercise and every option, in less than 2 kB each', () => {
    expect(forms.filter(({ figure }) => !figure).map(({ name }) => name)).toEqual([])
    expect(forms.filter(({ figure }) => JSON.stringify(figure).length >= 2000).map(({ name }) => name)).toEqual([])
    for (const { name, figure } of forms) expect(Figure.safeParse(figure).success, name).toBe(true)
  })

  it('name no exercise and no option that is not in the library', () => {
    const ids = new Set(forms.map(({ exerciseId, optionId }) => optionId ?? exerciseId))
    const named = Object.entries(stockFigures).flatMap(([id, set]) => Object.keys(set).map((key) => (key === 'self' ? id : `${id}-${key}`)))
    expect(named.filter((id) => !ids.has(id))).toEqual([])
  })

  it('are what a body can do: joints bend one way, nothing goes through floor or bench, what rests stays', () => {
    const troubles = forms.flatMap((form) => figureTroubles(form.figure!).map((trouble) => `${form.name}: ${trouble}`))
    expect(troubles).toEqual([])
  })

  it('keep what is held in the hands, and in hands that hold it', () => {
    // Two hands on one weight are next to each other all the way.
    for (const { name, figure } of forms)
      for (const held of figure!.held ?? [])
        if (held.in === 'hands' && ['kettlebell', 'ball'].includes(held.kind))
          for (const pose of figure!.poses) {
            const [near, far] = place(pose, figure!.view).arms
            expect(Math.hypot(near.hand.x - far.hand.x, near.hand.y - far.hand.y), name).toBeLessThan(12)
          }
  })

  it('differ at a glance from the form on the rung beside them', () => {
    const gearOf = ({ scenery, held, swaps, view }: Figure) => JSON.stringify([scenery, held, swaps, view])
    const same = libraryExercises.flatMap((exercise) => {
      const [standard, ...options] = formsOf(exercise)
      const of = (rung: Form['rung']) => options.filter((form) => form.rung === rung)
      const ladder = [...of('easier').reverse(), standard!, ...of('harder')]
      const beside = [
        ...ladder.slice(1).map((form, index) => [ladder[index]!, form] as const),
        ...of('substitute').map((form) => [standard!, form] as const),
      ]
      return beside
        .filter(([one, other]) => !looksAlike(one) && !looksAlike(other))
        .filter(([one, other]) => unlike(one.figure!, other.figure!) < 1.5 && gearOf(one.figure!) === gearOf(other.figure!))
        .map(([one, other]) => `${one.name} and ${other.name}`)
    })
    expect(same).toEqual([])
  })
})
