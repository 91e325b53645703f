import type { OwnDoing, OwnDoings, RunSnapshot } from './snapshot'

/** A place of the class: a position of a station (both from 0) of a piece, at a repeat and lap. */
export interface DonePlace {
  pieceId: string
  repeat: number
  lap?: number | undefined
  station: number
  position: number
}

/** The key by which what somebody does there is found. */
export function placeKey({ pieceId, repeat, lap = 0, station, position }: DonePlace, varies: boolean): string {
  const base = `${pieceId}/${station}/${position}`
  return varies ? `${base}/${repeat}/${lap}` : base
}

/** What somebody does at a place, where it is not quite what everyone does. */
export function ownAt(snapshot: RunSnapshot, personId: string, place: DonePlace): OwnDoing | undefined {
  const varies = snapshot.circuits[place.pieceId]?.varied?.[`${place.repeat}/${place.lap ?? 0}`] !== undefined
  const index = snapshot.own?.of[personId]?.[placeKey(place, varies)]
  return index === undefined ? undefined : snapshot.own!.doings[index]
}

/** Gathers what people do for themselves; the same thing is kept once. */
export function gatherOwn(): { add: (personId: string, key: string, doing: OwnDoing) => void; own: OwnDoings } {
  const own: OwnDoings = { doings: [], of: {} }
  const known = new Map<string, number>()
  return {
    own,
    add: (personId, key, doing) => {
      const text = JSON.stringify(doing)
      if (!known.has(text)) known.set(text, own.doings.push(doing) - 1)
      ;(own.of[personId] ??= {})[key] = known.get(text)!
    },
  }
}

/** All of several together. */
export function joinedOwn(...all: readonly (OwnDoings | undefined)[]): OwnDoings {
  const { add, own } = gatherOwn()
  for (const one of all)
    for (const [personId, places] of Object.entries(one?.of ?? {}))
      for (const [key, index] of Object.entries(places)) add(personId, key, one!.doings[index]!)
  return own
}

/** What one person does, and nothing of anybody else, nor why. */
export function ownOf({ doings, of }: OwnDoings, personId: string): OwnDoings {
  const unexplained = doings.map(({ watch: _, ...doing }) => doing)
  return joinedOwn({ doings: unexplained, of: of[personId] ? { [personId]: of[personId] } : {} })
}

/** Whether somebody has to go easy on something in this class. */
export const isSpared = ({ own }: RunSnapshot, personId: string): boolean =>
  Object.values(own?.of[personId] ?? {}).some((index) => own!.doings[index]!.watch !== undefined)
