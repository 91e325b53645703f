import { Person } from '../../src/core/library/person'
import type { Level } from '../../src/core/library/level'
import type { Strain } from '../../src/core/library/exercise'

type Row = [name: string, level: Level, goEasy?: Strain[], note?: string, loads?: Record<string, string>]

const rows: Row[] = [
  ['Oren', 'regular'],
  ['Maribel', 'newcomer', ['wrist']],
  ['Tove', 'trained', [], '', { kettlebell: '12kg' }],
  ['Kwabena', 'trained'],
  ['Ilse', 'regular', ['knee'], 'left knee, no deep bend'],
  ['Ruaridh', 'regular'],
  ['Anselm', 'newcomer', ['lowBack']],
  ['Noor', 'regular'],
  ['Petra', 'trained', [], '', { kettlebell: '12kg' }],
  ['Jun', 'regular', ['shoulder', 'overhead'], 'right shoulder, up to ear height'],
  ['Wilf', 'regular'],
  ['Saoirse', 'trained'],
  ['Dagny', 'regular'],
  ['Bram', 'newcomer', ['jumps']],
  ['Lior', 'regular'],
  ['Hettie', 'newcomer', ['floor', 'knee']],
  ['Mircea', 'regular'],
  ['Yusra', 'regular', ['neck']],
  ['Caspian', 'trained'],
  ['Odile', 'newcomer', ['balance']],
  ['Thandi', 'regular'],
  ['Ferran', 'trained', ['ankle']],
  ['Minna', 'regular'],
  ['Zofia', 'newcomer', ['wrist', 'floor']],
  ['Ignatz', 'regular'],
  ['Pilar', 'regular', ['lowBack']],
  ['Ebbe', 'newcomer'],
  ['Sunniva', 'trained'],
  ['Gwilym', 'regular', ['knee']],
  ['Amadou', 'trained'],
  ['Rosalind', 'newcomer', ['balance', 'jumps'], 'new hip, ask first'],
  ['Tycho', 'regular'],
  ['Vesna', 'regular'],
  ['Barnaby', 'newcomer', ['shoulder']],
]

export const demoPeople: Person[] = rows.map(([name, level, goEasy = [], goEasyNote = '', loads = {}]) =>
  Person.parse({ id: name.toLowerCase(), name, level, goEasy, goEasyNote, loads, ...(goEasy.length > 0 && { agreedOn: '2026-09-01' }) }),
)
