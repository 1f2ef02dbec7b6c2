import { type MutationMeta, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Refusal } from '../../ui/api'
import { peopleQuery } from '../../ui/queries'

export function usePeople() {
  return useQuery(peopleQuery)
}

/** A change of children or groups. The list is read again after it, and when someone else has changed it. */
export function useChange<T>(change: (input: T) => Promise<unknown>, onDone: () => void, meta?: MutationMeta) {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: peopleQuery.queryKey })
  return useMutation({
    meta,
    mutationFn: change,
    onSuccess: async () => {
      await refresh()
      onDone()
    },
    onError: (error) => (error instanceof Refusal && error.status === 409 ? refresh() : undefined),
  })
}
