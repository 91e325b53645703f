import type { Finding } from './finding'
import type { Judged } from '../../class/fix'

/** Gross floor for each person in an exercise room: 50 sq ft. */
export const squareMetresPerson = 4.65

/** More people than the usual occupancy factor has room for. */
export function floorSpace({ computed, room }: Judged): Finding[] {
  if (!room || computed.people.length === 0) return []
  const perPerson = (room.lengthMetres * room.widthMetres) / computed.people.length
  if (perPerson >= squareMetresPerson) return []
  return [
    {
      id: 'floorSpace',
      severity: 'weigh',
      what: `${perPerson.toFixed(1)} m² a person in ${room.name}`,
      why: `${squareMetresPerson} m² is the usual factor for exercise rooms: ${Math.floor((room.lengthMetres * room.widthMetres) / squareMetresPerson)} people here. Your local code and the posted number come first.`,
      source: 'International Building Code, table 1004.5',
    },
  ]
}
