import { guarded } from '../kit/Guard'
import { useRun, type LiveProps } from '../live/use-run'
import { useSound } from '../live/use-sound'
import { useWakeLock } from '../live/use-wake-lock'
import type { Layout } from '@core/run/screens/wall-layouts'
import { namesThere } from '@core/run/room/shown-names'
import type { RunSnapshot } from '@core/run/room/snapshot'
import { classReach } from '@core/wall/wall-reach'
import { ScreenCheck } from '../live/ScreenCheck'
import { WallView } from './WallView'

interface WallProps extends LiveProps {
  layout: Layout
}

/** The room wall, live. */
export const WallScreen = guarded(Wall)

function Wall(props: WallProps) {
  const live = useRun(props)
  const sound = useSound(live)
  const awake = useWakeLock()
  const { snapshot, state, connected } = live
  return (
    <WallView live={live} layout={props.layout} zone={props.zone} sound={sound}>
      {state.checking && <ScreenCheck name="Room wall" awake={awake} sound={sound} connected={connected} reads={readsWords(snapshot)} />}
    </WallView>
  )
}

/** From how far the smallest name of the class reads: the wall knows the shape of its picture, not how wide it is. */
function readsWords(snapshot: RunSnapshot): string | undefined {
  const circuits = Object.values(snapshot.circuits).flatMap((circuit) => {
    const [first] = circuit.turns ?? []
    return first ? [first.map((units) => ({ exercise: '', people: namesThere(snapshot, circuit, units) }))] : []
  })
  const times = classReach(circuits, 'way', 1)
  return times === undefined ? undefined : `Names read from ${(Math.floor(times * 2) / 2).toFixed(1)} times the width of this picture`
}
