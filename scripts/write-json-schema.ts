import { writeFileSync } from 'node:fs'
import { z } from 'zod'
import { PlanFile } from '../src/core/plan/words/file'

/** Publishes the plan file's JSON Schema, made from the one schema that forms, endpoints and files use. */
const schema = {
  $id: 'vicinor-plan-1',
  title: 'Vicinor plan file, version 1',
  ...z.toJSONSchema(PlanFile, { io: 'input', unrepresentable: 'any' }),
}
writeFileSync(new URL('../docs/plan-file.schema.json', import.meta.url), `${JSON.stringify(schema, null, 2)}\n`)
