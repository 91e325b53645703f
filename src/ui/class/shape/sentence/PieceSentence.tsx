import { nanoid } from 'nanoid'
import { useRef } from 'react'
import { partOf } from '@core/plan/edit/parts'
import { pieceChanged } from '@core/plan/pieces-changed'
import type { Part, Piece, Plan } from '@core/plan/plan'
import { lapsOf } from '@core/plan/turns'
import { movingsOf } from '@core/summary/sentence/class-sentences'
import { partOffers } from '@core/summary/sentence/offers'
import { partClauses } from '@core/summary/sentence/part-clauses'
import { pieceSentence } from '@core/summary/sentence/piece-sentence'
import { useClass } from '../../shared/context'
import { ClassWords } from './ClassWords'
import { Offers } from './Offers'
import { Sentence, type SentenceEdits } from './Sentence'
import { usePlanTyping } from './use-plan-typing'
import { enter, sentenceId, walk } from './walk'
import styles from './sentence.module.css'

const newId = () => nanoid(10)

interface PieceSentenceProps {
  piece: Piece
  /** Seconds of the piece, as it is now. */
  seconds: number
  /** Opens what differs from lap to lap; left out where it is open. */
  onDiffer: (() => void) | undefined
}

/** The chosen piece as one sentence: its figures are typed over, its words chosen anew, and what it does not say is offered below. */
export function PieceSentence({ piece, seconds, onDiffer }: PieceSentenceProps) {
  const { document } = useClass()
  const typing = usePlanTyping()
  const root = useRef<HTMLDivElement>(null)
  const part = partOf(document.plan, piece.id)
  if (!part) return null
  const ofPiece = (change: (piece: Piece) => Piece) => (plan: Plan) => pieceChanged(plan, piece.id, change)
  const ofPart = (change: (part: Part) => Part) => (plan: Plan) => ({
    ...plan,
    parts: plan.parts.map((known) => (known.id === part.id ? change(known) : known)),
  })
  const pieceEdits: SentenceEdits<Piece> = { begin: typing.begin, set: (slot, change) => typing.set(slot, ofPiece(change)) }
  const partEdits: SentenceEdits<Part> = { begin: typing.begin, set: (slot, change) => typing.set(slot, ofPart(change)) }
  const add = (change: (plan: Plan) => Plan, slot: string) => {
    typing.set('', change)
    // Once the words are there.
    if (slot) requestAnimationFrame(() => enter(root.current, slot))
  }
  const { clauses, offers } = pieceSentence(piece, movingsOf(document)(piece.id), seconds)
  const others = part.pieces.length - 1
  const about = partClauses(part)
  const offered = [
    ...offers.map(({ id, words, slot, add: adds }) => ({
      id,
      words,
      onAdd: () =>
        add(
          ofPiece((now) => adds(now, newId)),
          slot,
        ),
    })),
    ...partOffers(part).map(({ id, words, slot, add: adds }) => ({
      id: `part-${id}`,
      words: others > 0 && !words.includes('its part') ? `${words}, with the rest of its part` : words,
      onAdd: () =>
        add(
          ofPart((now) => adds(now, newId)),
          slot && `part.${slot}`,
        ),
    })),
  ]
  const goesRoundAgain = (piece.type === 'circuit' && lapsOf(piece) > 1) || part.repeat > 1
  const differ = onDiffer && goesRoundAgain ? [{ id: 'differ', words: differWords(piece), onAdd: onDiffer }] : []
  // A sentence is read without the comma that goes before what else is said.
  const led = others > 0 && about.length > 0
  return (
    <div ref={root}>
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- the keys are of the fields in it */}
      <p id={sentenceId} className={styles.sentence} role="group" aria-label="The piece in a sentence" onKeyDown={walk}>
        <Sentence
          clauses={clauses}
          edits={pieceEdits}
          classWords={(slot) => piece.type === 'circuit' && <ClassWords slot={slot} circuit={piece} />}
        />
        {led && `; with ${others === 1 ? 'the other piece' : `the ${others} other pieces`} of its part`}
        <Sentence clauses={about} edits={partEdits} prefix="part." />.
      </p>
      <Offers offers={[...offered.slice(0, 3), ...differ, ...offered.slice(3)]} />
    </div>
  )
}

const differWords = (piece: Piece): string => (piece.type === 'circuit' && lapsOf(piece) > 1 ? 'laps that differ' : 'times that differ')
