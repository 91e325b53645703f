import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { FindingsRequest } from './findings/request'
import { GearRequest } from './gear/request'
import { ClassDocument } from './hall/class-document'
import { Exercise } from './hall/exercise'
import { GearKind } from './hall/gear-kind'
import { Person } from './hall/person'
import { Room } from './hall/room'
import { PlanFile } from './plan/file'
import { Plan } from './plan/plan'
import { RotationRequest } from './rotation/request'
import { CommandRequest } from './run/events'
import { RoomChange } from './run/room-change'
import { RunSnapshotSchema } from './run/snapshot-schema'

type Schema = { type?: string; maxItems?: number; prefixItems?: unknown[] } & Record<string, unknown>

/** Where in a JSON Schema a list may be as long as it likes. */
function endless(schema: unknown, path = ''): string[] {
  if (typeof schema !== 'object' || schema === null) return []
  const { type, maxItems, prefixItems } = schema as Schema
  const here = type === 'array' && maxItems === undefined && prefixItems === undefined ? [path] : []
  return [...here, ...Object.entries(schema).flatMap(([key, inner]) => endless(inner, `${path}/${key}`))]
}

describe('every list that is taken or stored', () => {
  const schemas = { ClassDocument, Exercise, GearKind, Person, Room, PlanFile, Plan, CommandRequest, RoomChange, GearRequest, FindingsRequest, RotationRequest, RunSnapshotSchema }
  for (const [name, schema] of Object.entries(schemas)) {
    it(`of ${name} has a most`, () => expect(endless(z.toJSONSchema(schema as z.ZodType, { unrepresentable: 'any', io: 'input' }))).toEqual([]))
  }
})
