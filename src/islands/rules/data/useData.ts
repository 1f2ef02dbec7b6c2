import { type MutationMeta, useMutation, useQueryClient } from '@tanstack/react-query'

/** A look that changes nothing: at a file, or at a backup. */
export function useLook<Input, Result>(
  work: (input: Input) => Promise<Result>,
  onSeen: (result: Result) => void,
  meta?: MutationMeta,
) {
  return useMutation({ mutationFn: work, onSuccess: onSeen, meta })
}

/** A change of all that is kept: every view is read again after it. */
export function useDataChange<Input, Result>(
  work: (input: Input) => Promise<Result>,
  onDone?: (result: Result) => void,
  meta?: MutationMeta,
) {
  const client = useQueryClient()
  return useMutation({
    meta,
    mutationFn: work,
    onSuccess: async (result) => {
      onDone?.(result)
      await client.invalidateQueries()
    },
  })
}
