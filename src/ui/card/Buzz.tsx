import { useLocalStorage } from '@mantine/hooks'
import { useEffect, useState } from 'react'
import styles from './card.module.css'

/** How long a phone is felt in a pocket, in milliseconds. */
const buzz = [180, 90, 180]

/** Where the phone can, it buzzes when what is on changes, if its owner wants it to. */
export function Buzz({ at }: { at: string }) {
  const [wanted, setWanted] = useLocalStorage({ key: 'vicinor-card-buzz', defaultValue: false })
  const [can, setCan] = useState(false)
  useEffect(() => setCan('vibrate' in navigator), [])
  useEffect(() => {
    if (wanted) navigator.vibrate?.(buzz)
  }, [wanted, at])
  if (!can) return null
  return (
    <label className={styles.cardBuzz}>
      <input type="checkbox" checked={wanted} onChange={(event) => setWanted(event.currentTarget.checked)} />
      Buzz when something changes
    </label>
  )
}
