import { useEffect, useState, type ReactNode } from 'react'
import { api } from './api'

interface FetchedProps<Found> {
  address: string
  /** What is fetched, as a sentence begins with it. */
  what: string
  children: (found: Found) => ReactNode
}

/** Shows something once it has been fetched; says so while it has not, and when it cannot be had, with the press that tries again. */
export function Fetched<Found>({ address, what, children }: FetchedProps<Found>) {
  const [found, setFound] = useState<Found>()
  const [wrong, setWrong] = useState('')
  const [tries, setTries] = useState(0)
  useEffect(() => {
    let left = false
    setWrong('')
    api<Found>('GET', address).then(
      (answer) => !left && setFound(answer),
      (error: unknown) => !left && setWrong((error as Error).message),
    )
    return () => {
      left = true
    }
  }, [address, tries])
  if (found !== undefined) return <>{children(found)}</>
  return (
    <div className="page">
      {wrong ? (
        <div role="alert">
          <p>
            {what} cannot be shown just now. {wrong}
          </p>
          <button type="button" className="small-button" onClick={() => setTries(tries + 1)}>
            Try again
          </button>
        </div>
      ) : (
        <p className="second" role="status">
          One moment …
        </p>
      )}
    </div>
  )
}
