import { gatherOwn, placeKey } from './own-doings'
import type { ExerciseView, OwnDoing } from './snapshot'

/** The format of a snapshot that this app makes and its screens read. */
export const snapshotFormat = 2

interface FirstPlace {
  personId: string
  pieceId: string
  station: number
  position: number
}

/** A snapshot as it was stored in format 1: what people do for themselves in two lists, and lists as texts. */
interface FirstFormat {
  doings?: (FirstPlace & { name: string; how: string })[]
  exceptions?: (FirstPlace & { text: string })[]
  circuits: Record<string, { stations: FirstStation[]; varied?: Record<string, FirstStation[]> }>
}

interface FirstStation {
  list?: { items?: string[] }
  exercises?: ExerciseView[]
}

/** Format 2 of a snapshot out of format 1. */
export function withOwnDoings(earlier: unknown): unknown {
  const { doings = [], exceptions = [], circuits, ...rest } = earlier as FirstFormat
  const { add, own } = gatherOwn()
  const keyOf = ({ pieceId, station, position }: FirstPlace) => placeKey({ pieceId, repeat: 0, station, position }, false)
  const watched = new Map(exceptions.map((exception) => [`${exception.personId} ${keyOf(exception)}`, exception.text]))
  for (const doing of doings) {
    const watch = watched.get(`${doing.personId} ${keyOf(doing)}`)
    const planned = circuits[doing.pieceId]?.stations[doing.station]?.exercises?.[doing.position]
    const done: OwnDoing = {
      ...(planned?.name === doing.name ? planned : { points: [], sides: planned?.sides ?? 'none' }),
      name: doing.name,
      how: doing.how,
      ...(watch !== undefined && { watch }),
    }
    add(doing.personId, keyOf(doing), done)
  }
  const stationsOf = (stations: FirstStation[]) => stations.map(withLines)
  return {
    ...rest,
    circuits: Object.fromEntries(
      Object.entries(circuits).map(([id, { stations, varied, ...circuit }]) => [
        id,
        {
          ...circuit,
          stations: stationsOf(stations),
          ...(varied && { varied: Object.fromEntries(Object.entries(varied).map(([at, here]) => [at, stationsOf(here)])) }),
        },
      ]),
    ),
    ...(doings.length > 0 && { own: own() }),
  }
}

function withLines({ list, ...station }: FirstStation): unknown {
  if (!list?.items) return { ...station, ...(list && { list }) }
  const { items, ...rest } = list
  return { ...station, list: { ...rest, lines: items } }
}
