import { z } from 'zod'
import { ClassDocument } from './class-document'
import { wholeNumber } from '../base/fields'

const saveId = z.uuid('must be a UUID').optional()

/** A save as it is sent: made from `version`, or following another save whose answer had not come. */
export const ClassSave = z.strictObject({ version: wholeNumber(1, 1_000_000_000), document: ClassDocument, saveId, follows: saveId })
export type ClassSave = z.infer<typeof ClassSave>
