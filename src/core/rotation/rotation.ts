/**
 * Who is where: `turns[t][s]` lists the units (from 0) at station `s` (from 0) in turn `t`. A unit is a group, or a person who
 * changes partners.
 */
export interface Rotation {
  turns: number[][][]
  /** Where each unit goes: `paths[u][t]` is its station in turn `t`, or `elsewhere`. */
  paths: number[][]
  guarantees: Guarantee[]
  /** The one sentence to tell the room. */
  say: string
  /** Whether units are single people, and all who are at a station work as one group. */
  mixes: boolean
}

/** What a rotation gives, or what it does not. */
export interface Guarantee {
  met: boolean
  text: string
}

/** Where a unit is while it has no station: its wave waits, or it sits a turn out. */
export const elsewhere = -1
