import { api } from './api'
import { tell, tellProblem, untell } from './notice'

interface PutAway {
  /** Of what is put away: `/api/plans/lunch-loop`. */
  address: string
  name: string
  onAway: () => void
  onBack: () => void
}

/** Puts something away at once, and offers for a while to bring it back; later it stands under Put away. */
export async function putAway({ address, name, onAway, onBack }: PutAway): Promise<void> {
  try {
    await api('DELETE', address)
  } catch (error) {
    return tellProblem(error)
  }
  onAway()
  const id = `put-away-${address}`
  const restore = async () => {
    try {
      await api('POST', `${address}/restore`)
      onBack()
      untell(id)
    } catch (error) {
      tellProblem(error)
    }
  }
  tell({
    id,
    title: `${name} was put away`,
    autoClose: 12000,
    color: 'gray',
    message: (
      <button className="link-button" onClick={() => void restore()}>
        Bring it back
      </button>
    ),
  })
}
