import { hash, verify } from '@node-rs/argon2'

/** Argon2id at 19 MiB, two passes and one lane, as OWASP's cheat sheet on storing passwords has it: the library's own defaults. */
export const passwords = {
  hash: (password: string): Promise<string> => hash(password),
  verify: ({ hash: kept, password }: { hash: string; password: string }): Promise<boolean> => verify(kept, password),
}
