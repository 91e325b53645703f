import { useMemo } from 'react'
import { upcomingCues } from '@core/run/screens/upcoming-cues'
import type { CueKind } from '@core/timeline/cues'
import type { LiveRun } from './use-run'

const shownMs = 2500

/** What the digits and the word show by themselves needs no caption. */
const seen = new Set<CueKind>(['three', 'two', 'one', 'change', 'finish'])

interface CaptionProps {
  live: LiveRun
  /** From 0: at a station, what is said there. */
  station?: number
}

/** What was said last, for a moment, whether or not sound is on. */
export function Caption({ live: { feed, clock, snapshot }, station }: CaptionProps) {
  const { progress } = feed.get()
  const tenth = Math.floor(clock.now() / 100)
  const cue = useMemo(() => {
    const now = tenth * 100
    return upcomingCues(progress, Math.max(progress.at, now - shownMs), now + 100, { snapshot, station }).findLast(
      (cue) => cue.text && !seen.has(cue.kind),
    )
  }, [progress, tenth, snapshot, station])
  return (
    <p className="caption" data-testid="caption">
      {cue?.shown ?? cue?.text ?? ' '}
    </p>
  )
}
