import type { Handle } from '@core/figure/edit'
import type { Figure, Part } from '@core/figure/figure'

const sideName = (view: Figure['view'], far: boolean) => (view === 'front' ? (far ? 'left' : 'right') : far ? 'far' : 'near')
const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** What is taken hold of: in front view by the side of the picture. */
export function handleNames(handle: Handle, view: Figure['view']): string {
  if (handle === 'hip') return 'Hips'
  if (handle === 'neck') return 'Shoulders'
  if (handle === 'head') return 'Head'
  return `${upper(sideName(view, handle.endsWith('1')))} ${handle.slice(0, -1)}`
}

export const parts: readonly Part[] = [
  'nearFoot',
  'farFoot',
  'nearHand',
  'farHand',
  'nearKnee',
  'farKnee',
  'nearElbow',
  'farElbow',
  'seat',
  'back',
]

export function partName(part: Part, view: Figure['view']): string {
  if (part === 'seat') return 'Seat'
  if (part === 'back') return 'Shoulders'
  const [, side, joint] = /^(near|far)(\w+)$/.exec(part)!
  return `${upper(sideName(view, side === 'far'))} ${joint!.toLowerCase()}`
}
