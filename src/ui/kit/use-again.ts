import { useMutation } from '@tanstack/react-query'
import { api } from './api'
import { tell, tellProblem } from './notice'

/** Makes a class again: a second time (`weeks` 0), next week, or week after week; then goes on to the first of them. */
export function useAgain(id: string, beforehand: () => Promise<unknown> = async () => true) {
  return useMutation({
    mutationFn: async (weeks: number) => {
      if ((await beforehand()) === undefined) throw new Error('Save this class first: something in it is not saved yet.')
      return api<{ ids: string[] }>('POST', `/api/classes/${id}/again`, { weeks })
    },
    onSuccess: ({ ids }, weeks) => {
      if (weeks < 2) return location.assign(`/classes/${ids[0]}/shape`)
      tell({ message: `${ids.length} classes are made, one a week.`, autoClose: 6000 })
    },
    onError: tellProblem,
  })
}
