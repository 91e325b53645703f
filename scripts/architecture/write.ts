import { writeFileSync } from 'node:fs'
import { picture } from './draw'
import { importsIn } from './imports'

/** `npm run architecture`: draws the floors of the core from their real imports. */
writeFileSync(new URL('../../docs/architecture.svg', import.meta.url), picture(importsIn('src/core')))
