import { useQuery } from '@tanstack/react-query'
import type { PastPartners } from '@core/grouping/cost'
import { api } from '../../kit/api'
import { useClass } from './context'

const nobody: PastPartners = []

/** Who worked with whom in the classes before, most recent first; nobody while that is being asked. */
export function usePastPartners(): PastPartners {
  const { id } = useClass()
  const address = `/api/classes/${id}/past-partners`
  const { data } = useQuery({ queryKey: [address], queryFn: () => api<{ past: PastPartners }>('GET', address), staleTime: Infinity })
  return data?.past ?? nobody
}
