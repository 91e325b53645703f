import type { RunEvent } from '@core/run/clock/events'
import { ApiError } from '../kit/api'

/** How the server answers a command that it has taken. */
export interface Taken {
  event: RunEvent
  /** What had happened before it and was not known when it was pressed. */
  missed: RunEvent[]
}

/** Who sends them: one name for all who hold the controls. */
export const coach = 'Coach'

/** No answer, or none that says anything of the command: it may or may not have counted, and the same id makes sure that it counts once. */
export const isLost = (error: unknown) => error instanceof ApiError && (error.status === 0 || error.status >= 500)
