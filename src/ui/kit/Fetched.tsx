import { keepPreviousData, useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { api } from './api'
import { queryClient } from './query-client'
import shell from '../shell/shell.module.css'
import controls from './small-controls.module.css'

interface FetchedProps<Found> {
  address: string
  /** What is fetched, as a sentence begins with it. */
  what: string
  /** Where to go when it cannot be had, on a page without ways of its own. */
  back?: { address: string; label: string }
  children: (found: Found) => ReactNode
}

/**
 * Shows something once it has been fetched; says so while it has not, and when it cannot be had, with the press that tries again.
 * At another address, what was shown stays until the other is there. Needs no Kit round it: screens of a room have none.
 */
export function Fetched<Found>({ address, what, back, children }: FetchedProps<Found>) {
  const { data, error, refetch } = useQuery(
    {
      queryKey: [address],
      queryFn: ({ signal }) => api<Found>('GET', address, undefined, { signal }),
      placeholderData: keepPreviousData,
    },
    queryClient,
  )
  if (data !== undefined) return <>{children(data)}</>
  return (
    <div className={`${shell.page} ${controls.fetched}`}>
      {error ? (
        <div role="alert">
          <p>
            {what} cannot be shown just now. {error.message}
          </p>
          <button type="button" className="small-button" onClick={() => void refetch()}>
            Try again
          </button>{' '}
          {back && (
            <a className="small-button" href={back.address}>
              {back.label}
            </a>
          )}
        </div>
      ) : (
        <OneMoment />
      )}
    </div>
  )
}

/** While something is on its way. */
export const OneMoment = () => (
  <p className="second" role="status">
    One moment …
  </p>
)
