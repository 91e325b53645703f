import { useState } from 'react'
import type { Seconds } from '@core/base/units'
import type { Circuit, Piece } from '@core/plan/plan'
import { usePlanEdits, type EditCircuit } from '../shared/context'
import { lazily } from '../../kit/lazily'
import { PieceSentence } from './sentence/PieceSentence'
import { StationTiles } from './StationTiles'

// What is not needed every day comes when it is opened.
const DiffersGrid = lazily(async () => (await import('./differ/DiffersGrid')).DiffersGrid, 'What differs')

interface PieceEditorProps {
  piece: Piece
  seconds: Seconds
}

/** The chosen piece: its sentence, what differs in it if that is looked at, and its stations. */
export function PieceEditor({ piece, seconds }: PieceEditorProps) {
  const [differing, setDiffering] = useState(false)
  return (
    <>
      <PieceSentence piece={piece} seconds={seconds} onDiffer={differing ? undefined : () => setDiffering(true)} />
      {differing && <DiffersGrid piece={piece} onClose={() => setDiffering(false)} />}
      {piece.type === 'circuit' && <Stations circuit={piece} />}
      {piece.type === 'circuit' && piece.waves && (
        <>
          <h3>Meanwhile, the other half</h3>
          <Stations circuit={piece.waves.meanwhile} of={piece} />
        </>
      )}
    </>
  )
}

/** The stations of a circuit, or those of the list that one of its waves does meanwhile. */
function Stations({ circuit, of }: { circuit: Circuit; of?: Circuit }) {
  const { editPiece } = usePlanEdits()
  const edit: EditCircuit = (recipe) =>
    of ? editPiece(of, (draft) => draft.waves && recipe(draft.waves.meanwhile)) : editPiece(circuit, recipe)
  return <StationTiles circuit={circuit} edit={edit} />
}
