import type { Level } from '../library/level'
import { read } from '../base/read'
import { Strain, strainNames } from '../library/exercise'
import type { GearKind } from '../library/gear-kind'
import { Person } from '../library/person'
import { entriesOf, readTable, type ColumnMatch, type TableRow } from './table'

/** The columns of a table of people, as it is written and as it is read. */
export const peopleColumns = ['name', 'level', 'easy on', 'note', 'takes', 'keep with', 'keep apart', 'agreed on', 'off boards'] as const
export type PeopleColumn = (typeof peopleColumns)[number]

/** How each column is likely to be headed in a table that was made elsewhere. */
export const likelyPeopleColumns: Record<PeopleColumn, RegExp> = {
  name: /name|who|person/i,
  level: /level|stage|experience/i,
  'easy on': /easy|limit|injur|avoid/i,
  note: /note|comment|remark/i,
  takes: /takes|loads?|weights?|sizes?/i,
  'keep with': /keep with|together|partner/i,
  'keep apart': /apart|separate/i,
  'agreed on': /agreed|consent/i,
  'off boards': /board/i,
}

/** Whom and what the hall has already: names of people and sizes of gear are looked up in it. */
export interface PeopleTableHall {
  people: readonly Pick<Person, 'id' | 'name'>[]
  gear: readonly GearKind[]
}

const levels: Record<string, Level> = {
  '': 'regular',
  newcomer: 'newcomer',
  new: 'newcomer',
  beginner: 'newcomer',
  regular: 'regular',
  mixed: 'regular',
  trained: 'trained',
  advanced: 'trained',
}

const strainByWord = new Map(
  Strain.options.flatMap((strain): [string, Strain][] => [
    [strain.toLowerCase(), strain],
    [strainNames[strain].toLowerCase(), strain],
  ]),
)

const sizeWords = (kind: GearKind, label: string) => `${kind.name} ${label}`.trim().toLowerCase().replaceAll(/\s+/g, ' ')

/** Every size of the hall's gear by how it is called: `dumbbell 4 kg`. */
const sizesByWord = (gear: readonly GearKind[]) =>
  new Map(gear.flatMap((kind) => kind.sizes.map((size) => [sizeWords(kind, size.label), { kindId: kind.id, sizeId: size.id }] as const)))

interface Draft {
  person: Person
  keepWith: string[]
  keepApart: string[]
}

/**
 * Reads rows as people, each with what is wrong in words. Names that the hall knows or that come twice are told; those to keep
 * with or apart may be of the hall or of the table.
 */
export function readPeople(
  rows: readonly (readonly string[])[],
  match: ColumnMatch<PeopleColumn>,
  newId: () => string,
  hall: PeopleTableHall,
): TableRow<Person>[] {
  const seen = new Set(hall.people.map((person) => person.name.toLowerCase()))
  const sizes = sizesByWord(hall.gear)
  const drafts = readTable<PeopleColumn, Draft>(rows, match, (cell) => {
    const fields = personFields(cell, sizes)
    if ('wrong' in fields) return fields
    const result = read(Person, { id: newId(), ...fields.value })
    if (!result.ok) return { wrong: result.problems[0]!.message }
    const { name } = result.value
    if (seen.has(name.toLowerCase())) return { wrong: `${name} is there already: give one of them a second letter` }
    seen.add(name.toLowerCase())
    return { value: { person: result.value, keepWith: entriesOf(cell('keep with')), keepApart: entriesOf(cell('keep apart')) } }
  })
  const ids = new Map(
    [...hall.people, ...drafts.flatMap((row) => ('value' in row ? [row.value.person] : []))].map((person) => [
      person.name.toLowerCase(),
      person.id,
    ]),
  )
  return drafts.map(({ line, text, ...row }): TableRow<Person> => ({ line, text, ...('wrong' in row ? row : withWishes(row.value, ids)) }))
}

/** What the cells say of a person, before it is checked as one. */
function personFields(
  cell: (column: PeopleColumn) => string,
  sizes: ReturnType<typeof sizesByWord>,
): { value: Pick<Person, 'name' | 'level' | 'goEasy' | 'goEasyNote' | 'loads' | 'agreedOn' | 'offBoards'> } | { wrong: string } {
  const level = levels[cell('level').toLowerCase()]
  if (!level) return { wrong: `level "${cell('level')}" must be newcomer, regular or trained` }
  const words = cell('easy on')
    .split(/[;,/]+/)
    .map((word) => word.trim().toLowerCase())
    .filter(Boolean)
  const unknown = words.find((word) => !strainByWord.has(word))
  if (unknown) return { wrong: `"${unknown}" is nothing one can go easy on here: ${Object.values(strainNames).join(', ')}` }
  const taken = entriesOf(cell('takes')).map((text) => ({ text, size: sizes.get(text.toLowerCase().replaceAll(/\s+/g, ' ')) }))
  const noSize = taken.find(({ size }) => !size)
  if (noSize)
    return { wrong: `"${noSize.text}" is no gear of this hall in a size${sizes.size > 0 ? `, such as "${[...sizes.keys()][0]}"` : ''}` }
  return {
    value: {
      name: cell('name'),
      level,
      goEasy: [...new Set(words.map((word) => strainByWord.get(word)!))],
      goEasyNote: cell('note'),
      ...(cell('agreed on') && { agreedOn: cell('agreed on') }),
      ...(isYes(cell('off boards')) && { offBoards: true as const }),
      loads: Object.fromEntries(taken.map(({ size }) => [size!.kindId, size!.sizeId])),
    },
  }
}

const isYes = (text: string): boolean => /^(yes|y|x|true|1)$/i.test(text.trim())

/** The person with those to be kept with and apart from, by their ids. */
function withWishes({ person, keepWith, keepApart }: Draft, ids: ReadonlyMap<string, string>): { value: Person } | { wrong: string } {
  const stranger = [...keepWith, ...keepApart].find((name) => !ids.has(name.toLowerCase()))
  if (stranger) return { wrong: `${stranger}, to be kept with or apart, is neither in the hall nor in this table` }
  const idsOf = (names: string[]) => names.map((name) => ids.get(name.toLowerCase())!)
  return {
    value: {
      ...person,
      ...(keepWith.length > 0 && { keepWith: idsOf(keepWith) }),
      ...(keepApart.length > 0 && { keepApart: idsOf(keepApart) }),
    },
  }
}

/** The roster as rows under `peopleColumns`, to be read again by `readPeople`. */
export function peopleRows(people: readonly Person[], { people: everybody, gear }: PeopleTableHall): string[][] {
  const names = (ids: readonly string[] = []) => ids.flatMap((id) => everybody.find((person) => person.id === id)?.name ?? []).join('; ')
  const takes = ({ loads }: Person) =>
    gear
      .flatMap((kind) => kind.sizes.flatMap((size) => (loads[kind.id] === size.id ? [`${kind.name} ${size.label}`.trim()] : [])))
      .join('; ')
  return people.map((person) => [
    person.name,
    person.level,
    person.goEasy.map((strain) => strainNames[strain]).join('; '),
    person.goEasyNote,
    takes(person),
    names(person.keepWith),
    names(person.keepApart),
    person.agreedOn ?? '',
    person.offBoards ? 'yes' : '',
  ])
}

/** A list as it is pasted, one name to a line or between commas: the names, trimmed, each once. */
export const pastedNames = (text: string): string[] => [
  ...new Set(
    text
      .split(/[\n,;]+/)
      .map((name) => name.trim())
      .filter(Boolean),
  ),
]
