import type { SessionId } from '../core/ids'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { Session } from '../core/records'
import { api } from './api'

/** Remembers that a session's pages were opened to be printed. Opening them changes nothing by itself. */
export function useMarkPrinted(sessionId: SessionId): () => void {
  const client = useQueryClient()
  const mark = useMutation({
    mutationFn: () => api.post<Session>(`/api/sessions/${sessionId}/printed`, {}),
    onSuccess: () => client.invalidateQueries({ queryKey: ['overview'] }),
  })
  return () => mark.mutate()
}
