import { showLength } from '../../library/length'
import { settingsOf } from '../../class/compute'
import type { Judged } from '../../class/fix'
import { outOfReach, startTiles } from '../../wall/wall-reach'
import type { Finding } from './finding'

/**
 * Names on the wall that nobody can read from the back of the room, where it is known how wide the picture is. Nothing where people
 * read their place on cards.
 */
export function namesOutOfReach({ document, library, room, computed }: Judged): Finding[] {
  if (!room?.pictureMetres || document.placesOn === 'cards') return []
  const out = outOfReach(startTiles(computed), room, room.pictureMetres)
  if (!out) return []
  const unit = settingsOf(library).lengthUnit ?? 'm'
  const shown = (metres: number) => showLength(Math.floor(metres * 2) / 2, unit)
  return [
    {
      id: 'namesOutOfReach',
      severity: 'weigh',
      what: `Names on the wall read from ${shown(out.reach)}; the room is ${shown(out.back)} long`,
      why: 'Who is further back does not see where to go. Cards or station screens tell them, or a wider picture; fewer people at a station make names larger.',
      source: 'ISO 9241-303: characters of 22 arc minutes',
      fix: { label: 'They read it on their cards', apply: (now) => ({ ...now, placesOn: 'cards' }) },
    },
  ]
}
