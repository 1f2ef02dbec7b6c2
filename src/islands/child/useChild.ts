import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { Answer } from '../../core/knowing'
import type { AnswerChange, ChildReport, Note, Settings } from '../../core/records'
import { api } from '../../ui/api'

export interface ChildData {
  readonly report: ChildReport
  readonly answers: readonly Answer[]
  readonly settings: Settings
  readonly notes: readonly Note[]
  readonly changes: readonly AnswerChange[]
}

/** All that is known of a child. */
export function useChild(id: string) {
  return useQuery({
    queryKey: ['child', id],
    queryFn: async (): Promise<ChildData> => {
      const [report, answers, settings, notes, changes] = await Promise.all([
        api.get<ChildReport>(`/api/children/${id}`),
        api.get<Answer[]>(`/api/answers?childId=${id}`),
        api.get<Settings>('/api/settings'),
        api.get<Note[]>(`/api/children/${id}/notes`),
        api.get<AnswerChange[]>(`/api/children/${id}/changes`),
      ])
      return { report, answers, settings, notes, changes }
    },
  })
}

/** A change to what is known of a child; what follows from it is fetched again. */
export function useChildChange(id: string, onDone: () => void = () => undefined) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (work: () => Promise<unknown>) => work(),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['child', id] })
      onDone()
    },
  })
}
