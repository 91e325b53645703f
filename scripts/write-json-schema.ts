import { writeFileSync } from 'node:fs'
import { z } from 'zod'
import { presentFormat } from '../src/core/base/stored'
import { planFormats } from '../src/core/plan/formats'
import { PlanFile } from '../src/core/plan/words/file'

/** Publishes the plan file's JSON Schema, made from the one schema that forms, endpoints and files use. */
const version = presentFormat({ forward: planFormats })
const schema = {
  $id: `vicinor-plan-${version}`,
  title: `Vicinor plan file, version ${version}`,
  ...z.toJSONSchema(PlanFile, { io: 'input', unrepresentable: 'any' }),
}
writeFileSync(new URL('../docs/plan-file.schema.json', import.meta.url), `${JSON.stringify(schema, null, 2)}\n`)
