import { t } from '@lingui/core/macro'
import type { SessionId } from '../core/ids'
import { LONG_MS, tell } from './notices'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { Group, Kept, Session } from '../core/records'
import { Refusal, api, newId } from './api'
import { dayInWords } from './dates'

type ListShelf = 'recipes' | 'yards' | 'prints'

/** Things kept by name, and all that is done with them. */
export function useKept<T>(shelf: ListShelf) {
  const client = useQueryClient()
  const query = useQuery({ queryKey: [shelf], queryFn: () => api.get<Kept<T>[]>(`/api/${shelf}`) })
  const refresh = () => client.invalidateQueries({ queryKey: [shelf] })
  const change = useMutation({ mutationFn: (work: () => Promise<unknown>) => work(), onSettled: refresh })
  const run = async <R>(work: () => Promise<R>): Promise<R> => (await change.mutateAsync(work)) as R
  return {
    list: query.data ?? [],
    add: (name: string, body: T) => run(() => api.post<Kept<T>>(`/api/${shelf}`, { id: newId(), name, body })),
    save: ({ id, name, body, version }: Kept<T>) =>
      run(() => api.put<Kept<T>>(`/api/${shelf}/${id}`, { name, body, version })),
    remove: (id: string) => run(() => api.remove(`/api/${shelf}/${id}`)),
    putInto: (sessionId: SessionId, id: string) =>
      run(async (): Promise<unknown> => {
        if (shelf === 'prints') return api.put(`/api/prints/${id}/session`, { sessionId })
        return api.put<Session>(
          `/api/sessions/${sessionId}/attach`,
          shelf === 'recipes' ? { recipeId: id } : { yardId: id },
        )
      }),
    /** What is in a file, kept; undefined where it is none, which is told. */
    importFile: async (file: File): Promise<Kept<T> | undefined> => {
      try {
        const made = await api.post<Kept<T>>(`/api/${shelf}/import`, JSON.parse(await file.text()) as unknown)
        await refresh()
        return made
      } catch (error) {
        const message =
          error instanceof Refusal
            ? error.message
            : error instanceof SyntaxError
              ? t`The file is not JSON.`
              : String(error)
        void tell({ title: t`Not imported`, message, color: 'oak', autoClose: LONG_MS })
        return undefined
      }
    },
  }
}

export type KeptThings<T> = ReturnType<typeof useKept<T>>

/** Sessions that are still to come, by group and day. */
export function useOpenSessions(): { id: string; label: string }[] {
  const query = useQuery({
    queryKey: ['open-sessions'],
    queryFn: async () => {
      const [sessions, groups] = await Promise.all([
        api.get<Session[]>('/api/sessions'),
        api.get<Group[]>('/api/groups'),
      ])
      return sessions
        .filter((session) => session.doneAt === null)
        .map(({ id, groupId, date }) => ({
          id,
          label: `${groups.find((group) => group.id === groupId)?.name ?? ''}, ${dayInWords(date)}`,
        }))
    },
  })
  return query.data ?? []
}
