import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { HallSettings } from '@core/library/hall-settings'
import { api } from './api'
import { tellProblem } from './notice'

export interface StoredSettings {
  version: number
  figures: HallSettings
}

const address = '/api/hall/figures'

/** The hall's settings. A change shows at once, and is taken back, with the reason, where it cannot be stored. */
export function useHallSettings(first: StoredSettings) {
  const client = useQueryClient()
  const { data } = useQuery({ queryKey: [address], queryFn: () => api<StoredSettings>('GET', address), initialData: first })
  const { mutateAsync, isPending } = useMutation({
    mutationFn: (figures: HallSettings) => api<StoredSettings>('PUT', address, { version: data.version, figures }),
    onMutate: (figures) => {
      client.setQueryData<StoredSettings>([address], { version: data.version, figures })
      return { before: data }
    },
    onSuccess: (stored) => client.setQueryData([address], stored),
    onError: (_, __, kept) => client.setQueryData([address], kept?.before),
  })
  return {
    settings: data.figures,
    busy: isPending,
    store: mutateAsync,
    change: (change: Partial<HallSettings>) => void mutateAsync({ ...data.figures, ...change }).catch(tellProblem),
  }
}
