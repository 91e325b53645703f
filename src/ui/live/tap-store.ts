import type { TapRequest, TapStore } from './tap-line'

/** Keeps a run's taps on the device, each under a key of its own, as several tabs may hold the controls. */
export function tapStore(runId: string, storage: () => Storage = () => localStorage): TapStore {
  const prefix = `vicinor-tap:${runId}:`
  const keyOf = ({ id }: TapRequest) => prefix + id
  // A device that keeps nothing, as in a private window, still taps.
  const attempt = <T>(work: () => T, otherwise: T): T => {
    try {
      return work()
    } catch {
      return otherwise
    }
  }
  return {
    read: () =>
      attempt(
        () =>
          Object.entries({ ...storage() })
            .filter(([key]) => key.startsWith(prefix))
            .map(([, text]) => JSON.parse(text as string) as { at: number; request: TapRequest })
            .sort((a, b) => a.at - b.at)
            .map(({ request }) => request),
        [],
      ),
    keep: (request) =>
      attempt(
        () => storage().setItem(keyOf(request), JSON.stringify({ at: performance.timeOrigin + performance.now(), request })),
        undefined,
      ),
    drop: (request) => attempt(() => storage().removeItem(keyOf(request)), undefined),
  }
}
