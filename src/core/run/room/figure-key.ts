import type { Form } from '../../library/form'

export const figureKeyOf = ({ exerciseId, optionId }: Pick<Form, 'exerciseId' | 'optionId'>) =>
  optionId === undefined ? exerciseId : `${exerciseId}/${optionId}`

/** Under which the picture of a form is kept; nothing where it has none. */
export const keyOfFigure = (form: Form): { figure?: string } => (form.figure ? { figure: figureKeyOf(form) } : {})
