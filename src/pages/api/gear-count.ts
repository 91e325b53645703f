import { answerGearCount, GearRequest } from '@core/gear/request'
import { answer } from '@server/http/answer'
import { readBody } from '@server/http/body'
import { endpoint } from '@server/http/respond'
import { currentHall, hallLibrary } from '@server/services/halls'

export const POST = endpoint(async ({ request }) => {
  const body = await readBody(request, GearRequest)
  const needsHall = !body.exercises || !body.gear
  const hall = needsHall ? await hallLibrary((await currentHall()).id) : { exercises: [], gear: [] }
  return answer(answerGearCount(body, hall))
})
