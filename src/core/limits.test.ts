import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { FindingsRequest } from './findings/request'
import { GearRequest } from './gear/lists/request'
import { ClassDocument } from './class/class-document'
import { Exercise } from './library/exercise'
import { GearKind } from './library/gear-kind'
import { Person } from './library/person'
import { Room } from './library/room'
import { PlanFile } from './plan/words/file'
import { Plan } from './plan/plan'
import { RotationRequest } from './rotation/request'
import { CommandRequest } from './run/clock/events'
import { RoomChange } from './run/room/room-change'
import { RunSnapshotSchema } from './run/room/snapshot-schema'

type Schema = { type?: string; maxItems?: number; prefixItems?: unknown[] } & Record<string, unknown>

/** Where in a JSON Schema a list may be as long as it likes. */
function endless(schema: unknown, path = ''): string[] {
  if (typeof schema !== 'object' || schema === null) return []
  const { type, maxItems, prefixItems } = schema as Schema
  const here = type === 'array' && maxItems === undefined && prefixItems === undefined ? [path] : []
  return [...here, ...Object.entries(schema).flatMap(([key, inner]) => endless(inner, `${path}/${key}`))]
}

describe('every list that is taken or stored', () => {
  const schemas = {
    ClassDocument,
    Exercise,
    GearKind,
    Person,
    Room,
    PlanFile,
    Plan,
    CommandRequest,
    RoomChange,
    GearRequest,
    FindingsRequest,
    RotationRequest,
    RunSnapshotSchema,
  }
  for (const [name, schema] of Object.entries(schemas)) {
    it(`of ${name} has a most`, () =>
      expect(endless(z.toJSONSchema(schema as z.ZodType, { unrepresentable: 'any', io: 'input' }))).toEqual([]))
  }
})
