import type { Ease } from '@core/run/room/ease'

const words: Record<Ease, string> = { easier: 'Easier', usual: 'As planned', harder: 'Harder' }

/** A rung down or up, for somebody or for everyone. */
export function EaseButtons({ of, ease, onEase }: { of: string; ease: Ease; onEase: (ease: Ease) => void }) {
  return (
    <span className="run-ease" role="group" aria-label={`How hard it is for ${of}`}>
      {(['easier', 'usual', 'harder'] as const).map((known) => (
        <button key={known} type="button" className="small-button" aria-pressed={ease === known} onClick={() => onEase(known)}>
          {words[known]}
        </button>
      ))}
    </span>
  )
}
