import type { ShownFigure } from '@core/run/screens/shown-figure'
import { FigurePicture } from '../kit/FigurePicture'

interface LiveFigureProps {
  figure: ShownFigure
  /** While it is done, and the clock runs. */
  moves: boolean
  /** Seconds into the work: at a tempo the movement keeps to the count. */
  into?: number | undefined
  className?: string | undefined
}

/** The movement of what is done, as it is done: while people work it moves, at the plan's tempo. */
export const LiveFigure = ({ figure: { figure, repSeconds, tempo, words }, moves, into, className }: LiveFigureProps) => (
  <FigurePicture figure={figure} label={words} moving={moves ? { repSeconds, tempo, into } : undefined} className={className} />
)
