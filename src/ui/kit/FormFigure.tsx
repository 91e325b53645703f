import type { Form } from '@core/library/form'
import { figureWords } from '@core/figure/words'
import { FigurePicture } from './FigurePicture'

interface FormFigureProps {
  form: Pick<Form, 'name' | 'points' | 'figure'>
  /** Told in words too: where its form points do not stand beside it. */
  told?: boolean
  className?: string | undefined
}

/** What an exercise looks like in one of its forms; nothing where it has no figure. */
export const FormFigure = ({ form, told = false, className }: FormFigureProps) =>
  form.figure && <FigurePicture figure={form.figure} {...(told && { label: figureWords(form.name, form.points) })} className={className} />
