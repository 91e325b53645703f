import { createHash } from 'node:crypto'

/** As what an unguessable token is kept: who reads it cannot use it. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url')
