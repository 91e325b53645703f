import { useMutation } from '@tanstack/react-query'
import { api } from './api'
import { tell, tellProblem, untell } from './notice'
import kit from './kit.module.css'

interface PutAway {
  /** Of what is put away: `/api/plans/lunch-loop`. */
  address: string
  name: string
  onAway: () => void
  onBack: () => void
}

/** Puts things away at once, and offers for a while to bring each back; later they stand under Put away. */
export function usePutAway(): (asked: PutAway) => void {
  const idOf = (address: string) => `put-away-${address}`
  const { mutate: bringBack } = useMutation({
    mutationFn: ({ address }: PutAway) => api('POST', `${address}/restore`),
    onSuccess: (_, { address, onBack }) => {
      onBack()
      untell(idOf(address))
    },
    onError: tellProblem,
  })
  const { mutate: putAway } = useMutation({
    mutationFn: ({ address }: PutAway) => api('DELETE', address),
    onSuccess: (_, asked) => {
      asked.onAway()
      tell({
        id: idOf(asked.address),
        title: `${asked.name} was put away`,
        autoClose: 12000,
        color: 'gray',
        message: (
          <button className={kit.linkButton} onClick={() => bringBack(asked)}>
            Bring it back
          </button>
        ),
      })
    },
    onError: tellProblem,
  })
  return putAway
}
