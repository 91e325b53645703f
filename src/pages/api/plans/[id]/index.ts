import { putsAway } from '@server/http/put-away-endpoints'

export const DELETE = putsAway('plans')
