import type { OwnDoing, OwnDoings, RunSnapshot } from './snapshot'

/** A place of the class: a position of a station (both from 0) of a piece, at a repeat and lap. */
export interface DonePlace {
  pieceId: string
  repeat: number
  lap?: number | undefined
  station: number
  position: number
}

/** The key by which what somebody does there is found: of what differs at a repeat and lap, with those. */
export function placeKey({ pieceId, repeat, lap = 0, station, position }: DonePlace, varies: boolean): string {
  const base = `${pieceId}/${station}/${position}`
  return varies ? `${base}/${repeat}/${lap}` : base
}

/** Stands for what everyone does, at a repeat and lap at which somebody does nothing of their own though elsewhere they do. */
const asEveryone = -1

/** What somebody does at a place, where it is not quite what everyone does. */
export function ownAt({ own }: RunSnapshot, personId: string, place: DonePlace): OwnDoing | undefined {
  const way = own?.ways[own.of[personId] ?? -1]
  const index = way?.[placeKey(place, true)] ?? way?.[placeKey(place, false)]
  return index === undefined || index === asEveryone ? undefined : own!.doings[index]
}

/** Gathers what people do for themselves; the same thing is kept once, and so is what several do alike all through the class. */
export function gatherOwn() {
  const doings: OwnDoing[] = []
  const known = new Map<string, number>()
  const byPerson = new Map<string, Record<string, number>>()
  return {
    /** `undefined`: what everyone does. */
    add(personId: string, key: string, doing: OwnDoing | undefined): void {
      const text = JSON.stringify(doing)
      if (doing && !known.has(text)) known.set(text, doings.push(doing) - 1)
      const places = byPerson.get(personId) ?? {}
      places[key] = doing ? known.get(text)! : asEveryone
      byPerson.set(personId, places)
    },
    own(): OwnDoings {
      const ways: Record<string, number>[] = []
      const indexes = new Map<string, number>()
      const wayByPerson = [...byPerson].map(([personId, places]): [string, number] => {
        const text = JSON.stringify(places)
        if (!indexes.has(text)) indexes.set(text, ways.push(places) - 1)
        return [personId, indexes.get(text)!]
      })
      return { doings, ways, of: Object.fromEntries(wayByPerson) }
    },
  }
}

/** All of several together. */
export function joinedOwn(...all: readonly (OwnDoings | undefined)[]): OwnDoings {
  const { add, own } = gatherOwn()
  for (const one of all)
    for (const [personId, way] of Object.entries(one?.of ?? {}))
      for (const [key, index] of Object.entries(one!.ways[way] ?? {})) add(personId, key, one!.doings[index])
  return own()
}

/** What one person does, and nothing of anybody else, nor why. */
export function ownOf({ doings, ways, of: wayByPerson }: OwnDoings, personId: string): OwnDoings {
  const unexplained = doings.map(({ watch: _, ...doing }) => doing)
  return joinedOwn({ doings: unexplained, ways, of: wayByPerson[personId] === undefined ? {} : { [personId]: wayByPerson[personId] } })
}

/** What somebody does for themselves, by place. */
export const doingsAtPlaces = ({ doings, ways, of: wayByPerson }: OwnDoings, personId: string): [key: string, doing: OwnDoing][] =>
  Object.entries(ways[wayByPerson[personId] ?? -1] ?? {}).flatMap(([key, index]) => (doings[index] ? [[key, doings[index]]] : []))

/** Whether somebody has to go easy on something in this class. */
export const isSpared = ({ own }: RunSnapshot, personId: string): boolean =>
  own !== undefined && doingsAtPlaces(own, personId).some(([, { watch }]) => watch !== undefined)
