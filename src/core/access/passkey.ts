import { z } from 'zod'
import { nameField } from '../base/fields'

/** What a browser says of a passkey: looked into by who verifies it. */
const response = z.record(z.string(), z.unknown())

export const NewPasskey = z.strictObject({ name: nameField(60), response })
export const PasskeySignIn = z.strictObject({ response })
