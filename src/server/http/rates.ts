import { RateLimiterMemory } from 'rate-limiter-flexible'
import { refuse } from '../refused'

/**
 * How often in so many seconds: of an address (a whole hall may come by one), of what is worked out for it, of a link, and of what
 * is asked and tapped on a card.
 */
const rates = {
  requests: { points: 3000, duration: 10 },
  jobs: { points: 60, duration: 10 },
  link: { points: 200, duration: 10 },
  asks: { points: 12, duration: 60 },
  taps: { points: 60, duration: 60 },
  /** New codes for screens, and codes that are typed: who guesses gets nowhere in the ten minutes that one lives. */
  codes: { points: 30, duration: 60 },
  /** Passwords that are tried: from one address, for one account from there, and for one account from anywhere. */
  signIn: { points: 60, duration: 600 },
  signInAs: { points: 10, duration: 900 },
  signInAsAnywhere: { points: 100, duration: 900 },
  /** Links for a new password that are asked for. */
  resets: { points: 5, duration: 3600 },
  /** Cards opened from a list of names. */
  claims: { points: 200, duration: 60 },
} as const

export type Rate = keyof typeof rates

const limiters = Object.fromEntries(Object.entries(rates).map(([name, rate]) => [name, new RateLimiterMemory(rate)])) as Record<
  Rate,
  RateLimiterMemory
>

/** Lifted where the app itself is measured, not what keeps others from it. */
const lifted = process.env.RATE_LIMITS === 'off'

/** Counts one more of `who`; refused with 429 and when to try again, past the rate. */
export async function limitRate(rate: Rate, who: string): Promise<void> {
  if (lifted) return
  try {
    await limiters[rate].consume(who)
  } catch (passed) {
    const { msBeforeNext = 1000 } = passed as { msBeforeNext?: number }
    throw refuse('tooMany', 'tooOften', 'That was asked too often. Wait a little, and try again.', {
      retryAfterSeconds: Math.max(1, Math.ceil(msBeforeNext / 1000)),
    })
  }
}

/** Forgets what was counted of `who`. */
export const resetRate = async (rate: Rate, who: string): Promise<void> => void (await limiters[rate].delete(who))
