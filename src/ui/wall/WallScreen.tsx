import { guarded } from '../kit/Guard'
import { useRun, type LiveProps } from '../live/use-run'
import { useSound } from '../live/use-sound'
import { useWakeLock } from '../live/use-wake-lock'
import type { Layout } from '@core/run/screens/wall-layouts'
import { WallView } from './WallView'

interface WallProps extends LiveProps {
  layout: Layout
}

/** The room wall, live. */
export const WallScreen = guarded(Wall)

function Wall(props: WallProps) {
  const live = useRun(props)
  const sound = useSound(live)
  useWakeLock()
  return <WallView live={live} layout={props.layout} zone={props.zone} sound={sound} />
}
