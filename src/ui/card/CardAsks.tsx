import { useMutation } from '@tanstack/react-query'
import type { CardAsk } from '@core/run/room/card-ask'
import { api } from '../kit/api'
import { queryClient } from '../kit/query-client'
import styles from './card.module.css'

interface CardAsksProps {
  token: string
  easier: boolean
  onBreak: boolean
}

/** What somebody can say on their own card without a word: the coach sees it at once, and nobody else does. */
export function CardAsks({ token, easier, onBreak }: CardAsksProps) {
  const { mutate: ask, isError: wrong } = useMutation(
    { mutationFn: (what: CardAsk) => api('POST', `/api/screens/${token}/asks`, { ask: what }) },
    queryClient,
  )
  return (
    <section className={styles.cardAsks} aria-label="Tell the coach">
      <p aria-live="polite">
        {wrong
          ? 'That did not get through: tell your coach.'
          : onBreak
            ? 'Rest as long as you need. Your coach sees it.'
            : easier
              ? 'Easier from now on. Your coach sees it.'
              : ''}
      </p>
      <button type="button" aria-pressed={easier} onClick={() => ask(easier ? 'usual' : 'easier')}>
        {easier ? 'As planned again' : 'Make it easier'}
      </button>
      <button type="button" aria-pressed={onBreak} onClick={() => ask(onBreak ? 'back' : 'break')}>
        {onBreak ? 'I am back' : 'I need a break'}
      </button>
    </section>
  )
}
