import { bringsBack } from '@server/http/put-away-endpoints'

export const POST = bringsBack('runs')
