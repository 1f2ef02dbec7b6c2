import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { ChildReport, Group } from '../../core/records'
import { Refusal, api } from '../../ui/api'

const PEOPLE = ['people'] as const

export function usePeople() {
  return useQuery({
    queryKey: PEOPLE,
    queryFn: async () => {
      const [groups, reports] = await Promise.all([
        api.get<Group[]>('/api/groups'),
        api.get<ChildReport[]>('/api/children'),
      ])
      return { groups, reports }
    },
  })
}

/** A change of children or groups; the list is read afresh after it, and after someone else's. */
export function useChange<T>(change: (input: T) => Promise<unknown>, onDone: () => void) {
  const client = useQueryClient()
  const refresh = () => client.invalidateQueries({ queryKey: PEOPLE })
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await refresh()
      onDone()
    },
    onError: (error) => (error instanceof Refusal && error.status === 409 ? refresh() : undefined),
  })
}
