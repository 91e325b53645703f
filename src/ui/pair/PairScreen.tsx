import QRCode from 'qrcode'
import { useEffect, useState } from 'react'
import { api, ApiError } from '../kit/api'
import { guarded } from '../kit/Guard'
import styles from './pair.module.css'

interface Waiting {
  device: string
  code: string
  left: number
  path: string | null
}

const askMs = 2000
const key = 'vicinor-pairing'

/** The code of this window is the same after a reload, for as long as it lives. */
async function waiting(): Promise<Waiting> {
  const device = sessionStorage.getItem(key)
  const known =
    device === null
      ? undefined
      : await api<Waiting>('GET', `/api/pairings/${device}`).catch((error: unknown) => {
          // One that is not known any more gets a new code; a server that does not answer is asked again.
          if (error instanceof ApiError && error.status === 404) return undefined
          throw error
        })
  if (known && (known.path !== null || known.left > 0)) return known
  const made = await api<Waiting>('POST', '/api/pairings')
  sessionStorage.setItem(key, made.device)
  return made
}

/** A television or tablet that waits to be told what to show: its code, large, until a coach has typed it in or pointed a phone at it. */
export const PairScreen = guarded(({ base }: { base: string }) => {
  const [code, setCode] = useState<string>()
  const [away, setAway] = useState(false)

  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>
    let gone = false
    const ask = async () => {
      try {
        const { path, code: now } = await waiting()
        if (gone) return
        if (path !== null) {
          sessionStorage.removeItem(key)
          return location.assign(path)
        }
        setCode(now)
        setAway(false)
      } catch {
        setAway(true)
      }
      if (!gone) timer = setTimeout(() => void ask(), askMs)
    }
    void ask()
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [])

  return (
    <main className={styles.pair}>
      <div className="pair-words">
        <h1>This screen is ready for a class</h1>
        <p>The coach opens Screens in the class, and types in this code:</p>
        <p className={styles.pairCode} aria-label={code ? `Code: ${[...code].join(' ')}` : 'The code is on its way'} role="status">
          {(code ?? '····').split('').map((sign, index) => (
            <span key={index}>{sign}</span>
          ))}
        </p>
        <p className="second">
          {away ? 'The server does not answer: asking again …' : 'It lives ten minutes; then a new one comes by itself.'}
        </p>
      </div>
      {code && <PairPicture address={`${base}/pair?code=${code}`} />}
    </main>
  )
})

function PairPicture({ address }: { address: string }) {
  const [picture, setPicture] = useState('')
  useEffect(() => void QRCode.toString(address, { type: 'svg', margin: 1 }).then(setPicture), [address])
  return (
    <figure className={styles.pairPicture}>
      <div role="img" aria-label="A picture for the coach’s phone" dangerouslySetInnerHTML={{ __html: picture }} />
      <figcaption>Or the coach points a phone at this.</figcaption>
    </figure>
  )
}
