import { Exercise, type ExerciseInput, type GearNeed, type Option, type Strain } from '../../src/core/library/exercise'

type Sizes = [newcomer: string, regular: string, trained: string]

const sized = (sizes: Sizes): Pick<GearNeed, 'sizeByLevel'> => ({
  sizeByLevel: { newcomer: sizes[0], regular: sizes[1], trained: sizes[2] },
})
const each = (kindId: string, sizes?: Sizes): GearNeed => ({ kindId, per: 'person', count: 1, ...(sizes && sized(sizes)) })
const perGroup = (kindId: string): GearNeed => ({ kindId, per: 'group', count: 1 })
const atStation = (kindId: string, count = 1): GearNeed => ({ kindId, per: 'station', count })

export const mat = each('mat')
export const chair = each('chair')
export const sliders = each('sliders')
export const rope = each('jump-rope')
export const rower = each('rower')
export const treadmill = each('treadmill')
export const abWheel = each('ab-wheel')
export const stabilityBall = each('stability-ball')
export const bench = perGroup('bench')
export const halfBall = perGroup('half-ball')
export const straps = [perGroup('suspension-straps'), perGroup('anchor-point')]
export const trampoline = each('mini-trampoline')
export const bar = each('pull-up-bar')
export const wall = each('wall')
export const lane = atStation('lane')
export const anchor = atStation('anchor-point')
export const heavyRope = atStation('heavy-rope')
export const cones = (count: number) => atStation('cones', count)
export const kettlebell = (...sizes: Sizes) => each('kettlebell', sizes)
export const dumbbells = (...sizes: Sizes) => each('dumbbells', sizes)
export const ball = (...sizes: Sizes) => each('medicine-ball', sizes)
export const band = (...sizes: Sizes) => each('loop-band', sizes)

/** How a thing is told: set-up, form points, the usual fault with its correction, and what counts as a rep. */
interface Words {
  setUp: string
  points: string[]
  fault: string
  rep?: string
  breathing?: string
}

type Facts = Pick<ExerciseInput, 'regions' | 'pattern' | 'stance'> &
  Partial<Pick<ExerciseInput, 'id' | 'aliases' | 'impact' | 'oneSided' | 'gear' | 'asks' | 'pace' | 'space' | 'clearMetres'>> & {
    met: [low: number, high: number]
  }

export type OptionRow = [rung: Option['rung'], name: string, gear?: GearNeed[], asks?: Strain[], more?: Partial<Option>]

const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/-$/, '')

/** Energy and pace figures are common practice; see the notes on each exercise's ranges in docs/model.md. */
export function exercise(name: string, { met, ...facts }: Facts, words: Words, options: OptionRow[]): Exercise {
  const id = facts.id ?? slug(name)
  const { setUp, points, fault } = words
  return Exercise.parse({
    ...facts,
    id,
    name,
    met: { low: met[0], high: met[1] },
    setUp,
    points,
    fault,
    breathing: words.breathing ?? 'Breathe out on the effort.',
    repStandard: words.rep ?? '',
    options: options.map(([rung, optionName, gear = [], asks = [], more = {}]) => ({
      id: `${id}-${slug(optionName)}`,
      name: optionName,
      rung,
      gear,
      asks,
      ...more,
    })),
  } satisfies ExerciseInput)
}
