import type { Ease } from '@core/run/room/ease'
import styles from './panel.module.css'

const words: Record<Ease, string> = { easier: 'Easier', usual: 'As planned', harder: 'Harder' }

/** A rung down or up, for somebody or for everyone. */
export function EaseButtons({ who, ease, onEase }: { who: string; ease: Ease; onEase: (ease: Ease) => void }) {
  return (
    <span className={styles.runEase} role="group" aria-label={`How hard it is for ${who}`}>
      {(['easier', 'usual', 'harder'] as const).map((rung) => (
        <button key={rung} type="button" className="small-button" aria-pressed={ease === rung} onClick={() => onEase(rung)}>
          {words[rung]}
        </button>
      ))}
    </span>
  )
}
