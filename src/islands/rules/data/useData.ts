import { useMutation, useQueryClient } from '@tanstack/react-query'

/** A look that changes nothing: at a file, or at a backup. */
export function useLook<Input, Result>(work: (input: Input) => Promise<Result>, onSeen: (result: Result) => void) {
  return useMutation({ mutationFn: work, onSuccess: onSeen })
}

/** A change of all that is kept: every view is read again after it. */
export function useDataChange<Input, Result>(
  work: (input: Input) => Promise<Result>,
  onDone?: (result: Result) => void,
) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: work,
    onSuccess: async (result) => {
      onDone?.(result)
      await client.invalidateQueries()
    },
  })
}
