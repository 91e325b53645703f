import { z } from 'zod'
import { Plan } from '@core/plan/plan'
import { compileTimeline } from '@core/timeline/compile'
import { answer } from '@server/http/answer'
import { readBody } from '@server/http/body'
import { endpoint } from '@server/http/respond'

const Body = z.strictObject({ plan: Plan })

export const POST = endpoint(async ({ request }) => answer(compileTimeline((await readBody(request, Body)).plan)))
