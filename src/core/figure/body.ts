/** Hundredths of the body's height: the unit of everything in a figure. */
export type Hundredths = number
/** Degrees: 0 is straight down, 90 the way the body faces (in front view: outward), 180 straight up. */
export type Degrees = number

/**
 * Lengths of the body's parts (Drillis & Contini 1966, as in Winter, Biomechanics and Motor Control of Human Movement; from memory).
 * Hands are drawn as fists: `forearm` goes to the middle of the fist, a third of the hand from the wrist. `foot` goes from the
 * ankle to the ball of the foot and the toes. Shoulders and hips are the joints, within the breadths that are published.
 */
export const body = {
  head: 6.5,
  neck: 11.7,
  trunk: 28.8,
  upperArm: 18.6,
  forearm: 14.6 + 10.8 / 3,
  thigh: 24.5,
  shank: 24.6,
  foot: 10.6,
  ankleHeight: 3.9,
  shoulderHalf: 8.4,
  hipHalf: 4.6,
} as const satisfies Record<string, Hundredths>

/** Half the thickness of limbs and trunk as they are drawn. */
export const thick = { limb: 2.2, trunk: 3.8 } as const

/** The way of a foot that stands flat: the ankle is above the ball of the foot. */
export const flatFoot: Degrees = 81

/** The height of the toes' middle where a foot or hand rests on something. */
export const rest: Hundredths = thick.limb
