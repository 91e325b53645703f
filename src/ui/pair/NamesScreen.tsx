import { useMutation, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { api } from '../kit/api'
import { thisDevice } from '../kit/device'
import { guarded } from '../kit/Guard'
import { queryClient } from '../kit/query-client'
import styles from './pair.module.css'

interface Listed {
  className: string
  names: { personId: string; name: string; open: 'nowhere' | 'here' | 'elsewhere' }[]
}

const opening = { nowhere: undefined, here: 'your card', elsewhere: 'open on another phone' } as const

/** The room's list of first names: a press on one's own opens one's card, on this phone and no other. */
export const NamesScreen = guarded(({ token }: { token: string }) => {
  const [{ id: device }] = useState(thisDevice)
  const address = `/api/screens/${token}/claims`
  const looking = useQuery(
    {
      queryKey: [address, device],
      queryFn: () => api<Listed>('GET', `${address}?device=${device}`),
      // Whoever comes back to it sees who has come meanwhile.
      refetchOnWindowFocus: 'always',
    },
    queryClient,
  )
  const { data: listed, refetch } = looking
  useEffect(() => {
    const look = () => void refetch()
    window.addEventListener('pageshow', look)
    return () => window.removeEventListener('pageshow', look)
  }, [refetch])
  const opened = useMutation(
    {
      mutationFn: (personId: string) => api<{ path: string }>('POST', address, { personId, device }),
      onSuccess: ({ path }) => location.assign(path),
      onError: () => void refetch(),
    },
    queryClient,
  )
  const trouble = (opened.error ?? looking.error)?.message

  return (
    <main className={styles.names}>
      <h1>Who are you?</h1>
      <p>
        {listed
          ? `Press your name: your card for ${listed.className} opens, with where you go and what you do.`
          : trouble
            ? ''
            : 'The list is on its way …'}
      </p>
      {trouble && (
        <p className={styles.namesTrouble} role="alert">
          {trouble}
        </p>
      )}
      {listed && listed.names.length === 0 && <p>Nobody is in this class yet. Ask your coach to tick who is here.</p>}
      <ul>
        {listed?.names.map(({ personId, name, open: where }) => (
          <li key={personId}>
            <button type="button" aria-disabled={where === 'elsewhere'} onClick={() => opened.mutate(personId)}>
              {name}
              {opening[where] && <small>{opening[where]}</small>}
            </button>
          </li>
        ))}
      </ul>
      <p className="second">Your name is not there? Tell your coach. Somebody else’s card is open as yours? Your coach can let it go.</p>
    </main>
  )
})
