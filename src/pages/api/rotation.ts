import { answerRotation, RotationRequest } from '@core/rotation/request'
import { answer } from '@server/http/answer'
import { readBody } from '@server/http/body'
import { endpoint } from '@server/http/respond'

export const POST = endpoint(async ({ request }) => answer(answerRotation(await readBody(request, RotationRequest))))
