import type { APIRoute } from 'astro'
import { z } from 'zod'
import { wholeNumber } from '../../core/base/fields'
import { inTheHall, type InHall } from '../db/in-hall'
import type { Unreadable } from '../db/stored'
import type { Stored } from '../services/library'
import { readBody } from './body'
import { refuse } from '../refused'
import { endpoint, json } from './respond'

interface Library<Document> {
  list: (hall: InHall) => Promise<{ stored: Stored<Document>[]; unreadable: Unreadable[] }>
  add: (hall: InHall, document: Document) => Promise<Stored<Document>>
  update: (hall: InHall, version: number, document: Document) => Promise<Stored<Document>>
}

/** `GET` and `POST` of all documents of a library; `many` names them in the answer. */
export const collection = <Schema extends z.ZodType<{ id: string }>>(
  library: Library<z.output<Schema>>,
  schema: Schema,
  many: string,
): { GET: APIRoute; POST: APIRoute } => ({
  GET: endpoint(async () => {
    const { stored, unreadable } = await inTheHall((hall) => library.list(hall))
    return json({ [many]: stored, ...(unreadable.length > 0 && { unreadable }) })
  }),
  POST: endpoint(async ({ request }) => {
    const document = await readBody(request, schema)
    return json(await inTheHall((hall) => library.add(hall, document)), 201)
  }),
})

/** `PUT` and `DELETE` of one document; `one` names it in the body and in answers. `remove` refuses where it must stay. */
export function item<Schema extends z.ZodType<{ id: string }>>(
  library: Library<z.output<Schema>>,
  schema: Schema,
  one: string,
  remove: (id: string) => Promise<void>,
): { PUT: APIRoute; DELETE: APIRoute } {
  const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), [one]: schema })
  return {
    PUT: endpoint(async ({ params, request }) => {
      const { version, [one]: document } = (await readBody(request, Update)) as { version: number } & Record<string, z.output<Schema>>
      if (document!.id !== params.id) throw refuse('invalid', 'otherId', `${one}.id must be the one in the address: it keeps its id`)
      return json(await inTheHall((hall) => library.update(hall, version, document!)))
    }),
    DELETE: endpoint(async ({ params }) => {
      await remove(params.id!)
      return json({ deleted: true })
    }),
  }
}
