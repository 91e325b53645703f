import { nobody } from '../library/erase'
import type { Milliseconds } from '../base/units'
import type { NotedChange } from '../run/room/noted-change'
import { easeWords } from '../run/room/ease'

/** What was changed in a class under way, and when: from the beginning of its first phase, negative before it. */
export interface ToldChange {
  at: Milliseconds
  words: string
}

/** A snapshot, or of one what is told of somebody. */
interface Changed {
  people: readonly { id: string; name: string }[]
  left?: readonly { id: string; name: string }[]
  changes?: readonly NotedChange[]
  pieceNames: Record<string, string>
}

/** What became of the people and stations of a run, in words; whoever was erased is somebody. */
export function changesTold(snapshot: Changed, began: Milliseconds): ToldChange[] {
  const names = new Map([...(snapshot.left ?? []), ...snapshot.people].map(({ id, name }) => [id, name]))
  return (snapshot.changes ?? []).map((change) => ({
    at: change.at - began,
    words: wordsOf(
      change,
      (change.personIds ?? []).map((id) => names.get(id) ?? nobody),
      snapshot,
    ),
  }))
}

function wordsOf(
  { type, ease, pieceId = '', station = 0 }: NotedChange,
  [one = 'everyone', other = nobody]: string[],
  { pieceNames }: Changed,
) {
  const place = `station ${station + 1}${pieceNames[pieceId] ? ` of ${pieceNames[pieceId]}` : ''}`
  switch (type) {
    case 'arrives':
      return `${one} came`
    case 'leaves':
      return `${one} left`
    case 'tradePlaces':
      return `${one} and ${other} traded places`
    case 'closes':
      return `${place} was closed`
    case 'opens':
      return `${place} was opened again`
    case 'takesBreak':
      return `${one} took a break`
    case 'isBack':
      return `${one} was back from a break`
    case 'ease':
      return `${one}: ${easeWords[ease ?? 'usual']}`
  }
}
