import { omit } from 'es-toolkit'

/** Anything that JSON can hold. */
type Json = null | boolean | number | string | Json[] | { [key: string]: Json }

const isRecord = (value: Json | undefined): value is { [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Whether an entry of a list is about the person: their id, something of theirs, or a pair that they are one of. */
function isAbout(entry: Json, id: string): boolean {
  if (Array.isArray(entry)) return entry.length === 2 && entry.includes(id)
  if (isRecord(entry)) return entry.id === id || entry.personId === id
  return entry === id
}

/**
 * A class's or a person's document without what is in it of the person `id`, whatever format it has: entries of lists, what stands
 * under their id, and what names them alone.
 *
 * `{here: ['a', 'b'], sizes: {a: …}, demonstrators: {easier: 'a'}}` without `a` → `{here: ['b'], sizes: {}, demonstrators: {}}`
 */
export function withoutPerson<Document>(document: Document, id: string): Document {
  return without(document as Json, id) as Document
}

function without(value: Json, id: string): Json {
  if (Array.isArray(value)) {
    const kept = value.filter((entry) => !isAbout(entry, id)).map((entry) => without(entry, id))
    // A group in which nobody is left is none.
    return kept.filter((entry) => !(isRecord(entry) && Array.isArray(entry.ids) && entry.ids.length === 0))
  }
  if (!isRecord(value)) return value
  const kept = Object.entries(value).filter(([key, inner]) => key !== id && (inner !== id || key === 'id' || key === 'name'))
  // Nobody is named in a plan, and its own ids mean other things.
  return Object.fromEntries(kept.map(([key, inner]) => [key, key === 'plan' ? inner : without(inner, id)]))
}

/** What stands where the name of somebody erased stood. */
export const nobody = 'somebody'

/** Ids of a run's snapshot are told apart, and counted, by others that say nothing. */
export interface Erased {
  id: string
  name: string
  /** Stands for the id in whatever keeps its counts. */
  instead: string
}

/** What a run keeps of somebody erased: that one was there. `stored` is a snapshot, or a command, as it was stored. */
export function nameless<Stored>(stored: Stored, { id, name, instead }: Erased): Stored {
  const renamed = JSON.parse(JSON.stringify(stored).replaceAll(JSON.stringify(id), JSON.stringify(instead))) as Json
  if (!isRecord(renamed)) return renamed as Stored
  const nobodyOf = (list: Json | undefined) =>
    Array.isArray(list)
      ? list.map((one) =>
          isRecord(one) && one.id === instead
            ? { ...omit(one, ['shownAs']), name: nobody, ...('goEasy' in one && { goEasy: [], goEasyNote: '' }) }
            : one,
        )
      : list
  const others = (list: Json | undefined) =>
    Array.isArray(list) ? list.filter((one) => !(isRecord(one) && one.personId === instead)) : list
  const called = [renamed.people, renamed.left].flatMap((list) =>
    (Array.isArray(list) ? list : []).flatMap((one) => (isRecord(one) && one.id === instead ? [one.name, one.shownAs] : [])),
  )
  const names = [name, ...called].filter((text) => typeof text === 'string')
  const said = typeof renamed.follow === 'string' ? names.reduce(withoutName, renamed.follow) : renamed.follow
  const changed = {
    people: nobodyOf(renamed.people),
    left: nobodyOf(renamed.left),
    exceptions: others(renamed.exceptions),
    doings: others(renamed.doings),
    own: withoutOwn(renamed.own, instead),
    follow: said,
  }
  return { ...renamed, ...Object.fromEntries(Object.entries(changed).filter(([, value]) => value !== undefined)) } as Stored
}

/** What each does for themselves, without one of them, and without what only that one did. */
function withoutOwn(own: Json | undefined, id: string): Json | undefined {
  if (!isRecord(own) || !isRecord(own.of) || !Array.isArray(own.doings) || !Array.isArray(own.ways)) return own
  const { [id]: _, ...wayByPerson } = own.of
  const kept = new Set(Object.values(wayByPerson))
  const ways = own.ways.map((way, index) => (kept.has(index) ? way : {}))
  const used = new Set(ways.flatMap((way) => (isRecord(way) ? Object.values(way) : [])))
  return {
    of: wayByPerson,
    ways,
    doings: own.doings.map((doing, index) => (used.has(index) ? doing : { name: '', how: '', points: [], sides: 'none' })),
  }
}

/** A name is a word of its own. */
const withoutName = (text: string, name: string) =>
  text.replace(new RegExp(`(?<![\\p{L}\\p{N}])${escaped(name)}(?![\\p{L}\\p{N}])`, 'gu'), nobody)

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
