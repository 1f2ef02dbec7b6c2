import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { PackJob, PackOrder } from '../../core/records'
import { api, newId } from '../../ui/api'

const ASK_AGAIN_MS = 400

const isOver = (progress: PackJob | undefined) =>
  progress !== undefined && progress.state !== 'waiting' && progress.state !== 'making'

/** One pack at a time from this view: begun, followed, cancelled. */
export function usePack() {
  const client = useQueryClient()
  const [id, setId] = useState<string | null>(null)
  const key = ['pack', id]
  const begin = useMutation({
    mutationFn: (order: Omit<PackOrder, 'id'>) => api.post<PackJob>('/api/packs', { id: newId(), ...order }),
    onSuccess: (progress) => {
      client.setQueryData(['pack', progress.id], progress)
      setId(progress.id)
    },
  })
  const query = useQuery({
    queryKey: key,
    enabled: id !== null,
    queryFn: () => api.get<PackJob>(`/api/packs/${id}`),
    refetchInterval: ({ state }) => (isOver(state.data) ? false : ASK_AGAIN_MS),
  })
  const cancel = useMutation({
    mutationFn: () => api.remove(`/api/packs/${id}`),
    onSettled: () => client.invalidateQueries({ queryKey: key }),
  })
  const progress = id === null ? undefined : query.data
  return {
    progress,
    isBusy: begin.isPending || (progress !== undefined && !isOver(progress)),
    error: begin.error ?? query.error,
    begin: begin.mutate,
    cancel: () => cancel.mutate(),
  }
}
