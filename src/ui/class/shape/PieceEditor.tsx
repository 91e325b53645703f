import type { Piece } from '@core/plan/plan'
import { CircuitEditor } from './CircuitEditor'
import { PauseEditor } from './PauseEditor'

/** The inspector of the chosen piece. */
export const PieceEditor = ({ piece }: { piece: Piece }) =>
  piece.type === 'pause' ? <PauseEditor pause={piece} /> : <CircuitEditor circuit={piece} />
