import { computedInHall } from '@server/http/computed'

export const POST = computedInHall('gearCount')
