import { useState } from 'react'

interface AnnounceProps {
  /** Changes when there is something to say: by the phase, not by the second. */
  at: string
  words: readonly (string | undefined)[]
  /** The voice says it. */
  quiet?: boolean
}

/** For those who listen to the screen: what is on and what comes, once at each change. */
export function Announce({ at, words, quiet = false }: AnnounceProps) {
  const [said, setSaid] = useState({ at: '', text: '' })
  if (said.at !== at) setSaid({ at, text: words.filter(Boolean).join('. ').replaceAll(' · ', ', ') })
  return (
    <p className="visually-hidden" aria-live="polite" data-testid="announced">
      {quiet ? '' : said.text}
    </p>
  )
}
