import { QueryClient } from '@tanstack/react-query'
import { ApiError } from './api'

/** Whether asking again may help: nobody answered, or the server could not just now. */
const mayHelp = (error: unknown): boolean =>
  !(error instanceof ApiError) || error.status === 0 || error.status === 429 || error.status >= 500

/** What this page has asked the server, once for all of its islands. */
export const queryClient = new QueryClient({
  defaultOptions: {
    // A hall's own network may reach nothing beyond this server, and browsers call that being offline.
    queries: { retry: (failures, error) => failures < 2 && mayHelp(error), staleTime: 10_000, networkMode: 'always' },
    mutations: { retry: false, networkMode: 'always' },
  },
})
