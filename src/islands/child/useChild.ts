import type { ChildId } from '../../core/ids'
import { type MutationMeta, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { childQuery } from '../../ui/queries'

/** All that is known of a child. */
export function useChild(id: ChildId) {
  return useQuery(childQuery(id))
}

/** A change to what is known of a child; what follows from it is fetched again. */
export function useChildChange(id: ChildId, onDone: () => void = () => undefined, meta?: MutationMeta) {
  const client = useQueryClient()
  return useMutation({
    meta,
    mutationFn: (work: () => Promise<unknown>) => work(),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: childQuery(id).queryKey })
      onDone()
    },
  })
}
