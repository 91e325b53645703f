import type { GearKind } from '../../src/core/library/gear-kind'
import type { Feature, Room } from '../../src/core/library/room'

/** Kiln Yard, a community hall in a former brickworks. Everything about it is made up. */
export const demoHall = { id: 'kiln-yard', name: 'Kiln Yard', timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone }

/** Who owns it: nobody signs in as her, on the machine itself she opens the demo for whoever comes. */
export const demoOwner = { id: 'demo-owner', name: 'Isaura', email: 'isaura@kiln-yard.example', emailVerified: true }

const feature = (id: string, kind: Feature['kind'], x: number, y: number, lengthMetres: number, widthMetres: number): Feature => ({
  id,
  kind,
  x,
  y,
  lengthMetres,
  widthMetres,
})

export const demoRooms: Room[] = [
  {
    id: 'kiln-floor',
    name: 'Kiln Floor',
    lengthMetres: 18,
    widthMetres: 11,
    ceilingMetres: 5.4,
    pictureMetres: 3.6,
    features: [
      feature('exit-west', 'exit', 0, 4.4, 1.2, 2),
      feature('exit-east', 'exit', 16.8, 8.4, 1.2, 2),
      feature('pillar-1', 'pillar', 6, 5.2, 0.6, 0.6),
      feature('pillar-2', 'pillar', 11.4, 5.2, 0.6, 0.6),
      { ...feature('anchor-1', 'anchor', 4.4, 0, 0.3, 0.2), kindId: 'anchor-point' },
      { ...feature('anchor-2', 'anchor', 7.4, 0, 0.3, 0.2), kindId: 'anchor-point' },
      feature('store', 'store', 15, 0, 3, 1.2),
    ],
  },
  {
    id: 'drying-loft',
    name: 'Drying Loft',
    lengthMetres: 12,
    widthMetres: 8,
    ceilingMetres: 2.5,
    features: [feature('loft-exit', 'exit', 5.2, 6.8, 1.6, 1.2), feature('flue', 'wall', 9, 0, 0.5, 2.4)],
  },
]

const weights = (sizes: Record<number, number>) =>
  Object.entries(sizes).map(([kilograms, owned]) => ({
    id: `${kilograms}kg`,
    label: `${kilograms} kg`,
    kilograms: Number(kilograms),
    owned,
  }))

const named = (sizes: Record<string, number>) =>
  Object.entries(sizes).map(([label, owned]) => ({ id: label.replace(/\s/g, '-'), label, owned }))

const plain = (owned: number) => [{ id: 'one', label: '', owned }]

export const demoGear: GearKind[] = [
  { id: 'kettlebell', name: 'Kettlebell', form: 'single', sizes: weights({ 6: 2, 8: 4, 12: 2, 16: 2 }) },
  { id: 'dumbbells', name: 'Dumbbell pair', form: 'pair', sizes: weights({ 2: 4, 4: 4, 6: 4, 8: 2 }) },
  { id: 'medicine-ball', name: 'Medicine ball', form: 'single', sizes: weights({ 3: 2, 5: 2 }) },
  { id: 'loop-band', name: 'Loop band', form: 'single', canBring: true, sizes: named({ light: 6, medium: 6, strong: 3 }) },
  { id: 'mat', name: 'Mat', form: 'single', canBring: true, sizes: plain(18) },
  { id: 'chair', name: 'Chair', form: 'single', sizes: plain(24) },
  { id: 'bench', name: 'Bench', form: 'single', sizes: plain(3) },
  { id: 'sliders', name: 'Slider pair', form: 'pair', sizes: plain(6) },
  { id: 'jump-rope', name: 'Jump rope', form: 'single', canBring: true, sizes: plain(5) },
  { id: 'suspension-straps', name: 'Suspension straps', form: 'single', sizes: plain(2) },
  { id: 'anchor-point', name: 'Anchor point', form: 'place', sizes: plain(2) },
  { id: 'half-ball', name: 'Half-ball', form: 'single', sizes: plain(2) },
  { id: 'rower', name: 'Rower', form: 'single', sizes: plain(2) },
  { id: 'treadmill', name: 'Treadmill', form: 'single', sizes: plain(1) },
  { id: 'stability-ball', name: 'Stability ball', form: 'single', sizes: plain(4) },
  { id: 'ab-wheel', name: 'Ab wheel', form: 'single', sizes: plain(2) },
  { id: 'mini-trampoline', name: 'Mini-trampoline', form: 'single', sizes: plain(2) },
  { id: 'heavy-rope', name: 'Heavy rope', form: 'single', sizes: plain(1) },
  { id: 'cones', name: 'Cone', form: 'single', sizes: plain(12) },
  { id: 'pull-up-bar', name: 'Bar', form: 'place', sizes: plain(2) },
  { id: 'wall', name: 'Wall place', form: 'place', sizes: plain(10) },
  { id: 'lane', name: 'Lane', form: 'place', sizes: [{ id: '8m', label: '8 m', owned: 2 }] },
]
