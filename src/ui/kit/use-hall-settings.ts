import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { HallSettings } from '@core/library/hall-settings'
import { api } from './api'
import { tellProblem } from './notice'

export interface StoredSettings {
  version: number
  figures: HallSettings
}

const address = '/api/hall/figures'

/**
 * The hall's settings. A change shows at once, and is taken back, with the reason, where it cannot be stored. One that is made while
 * another is stored waits for it, and is made from what came of it.
 */
export function useHallSettings(first: StoredSettings) {
  const client = useQueryClient()
  const key = [address]
  const { data } = useQuery({ queryKey: key, queryFn: () => api<StoredSettings>('GET', address), initialData: first })
  const { mutateAsync, isPending } = useMutation({
    mutationKey: key,
    scope: { id: address },
    mutationFn: (figures: HallSettings) =>
      api<StoredSettings>('PUT', address, { version: client.getQueryData<StoredSettings>(key)!.version, figures }),
    onMutate: (figures) => {
      const before = client.getQueryData<StoredSettings>(key)!
      client.setQueryData<StoredSettings>(key, { ...before, figures })
      return { before }
    },
    onSuccess: ({ version, figures }) => {
      const othersWait = client.isMutating({ mutationKey: key }) > 1
      client.setQueryData<StoredSettings>(key, (shown) => ({ version, figures: othersWait && shown ? shown.figures : figures }))
    },
    onError: (_, __, kept) => {
      client.setQueryData(key, kept?.before)
      return client.invalidateQueries({ queryKey: key })
    },
  })
  return {
    settings: data.figures,
    busy: isPending,
    store: mutateAsync,
    change: (change: Partial<HallSettings>) => void mutateAsync({ ...data.figures, ...change }).catch(tellProblem),
  }
}
