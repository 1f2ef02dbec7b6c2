import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { type Activity, type OwnActivityBody, catalogue, ownActivity } from '../../core/activities'
import { attempt } from '../../core/errors'
import type { ActivityId } from '../../core/ids'
import type { Kept, Settings } from '../../core/records'
import { Refusal, api } from '../../ui/api'
import { IN_PLACE } from '../../ui/inPlace'
import { activitiesQuery } from '../../ui/queries'

export type OwnActivity = Kept<OwnActivityBody>

/** An activity as it stands in the list: the catalogue's, or one of one's own with what is kept of it. */
export interface Listed {
  readonly activity: Activity
  readonly own: OwnActivity | undefined
}

/** The catalogue with the adult's own activities first. */
export function listActivities(own: readonly OwnActivity[]): Listed[] {
  return [
    ...own.flatMap((kept) => {
      const { value } = attempt(() => ownActivity(kept.id, kept.name, kept.body))
      return value ? [{ activity: value, own: kept }] : []
    }),
    ...catalogue.map((activity) => ({ activity, own: undefined })),
  ]
}

export type ActivityMark = 'favourites' | 'notForUs'

/** Marks an activity as liked or as never planned, or takes the mark away. One has one mark at most. */
export function markedAs(settings: Settings, id: ActivityId, mark: ActivityMark, isMarked: boolean): Settings {
  const others = {
    favourites: settings.favourites.filter((each) => each !== id),
    notForUs: settings.notForUs.filter((each) => each !== id),
  }
  return { ...settings, ...others, ...(isMarked && { [mark]: [...others[mark], id] }) }
}

/** All activities, and what is done with them. */
export function useActivities() {
  const client = useQueryClient()
  const query = useQuery(activitiesQuery)
  const refresh = () => client.invalidateQueries({ queryKey: activitiesQuery.queryKey })
  const mark = useMutation({
    // Two marks at once would each carry the version before.
    scope: { id: 'marks' },
    mutationFn: ({ id, as, on }: { id: ActivityId; as: ActivityMark; on: boolean }) => saveMark(id, as, on),
    onSuccess: (settings) => client.setQueryData(activitiesQuery.queryKey, (data) => data && { ...data, settings }),
  })
  const save = useMutation({
    meta: IN_PLACE,
    mutationFn: ({ id, name, body, version }: OwnActivity): Promise<OwnActivity> =>
      version === 0
        ? api.post('/api/activities', { id, name, body })
        : api.put(`/api/activities/${id}`, { name, body, version }),
    onSettled: refresh,
  })
  return { query, mark: mark.mutate, save, refresh }
}

/** The rules may have been changed elsewhere: then the mark is set in the newer ones. */
async function saveMark(id: ActivityId, as: ActivityMark, on: boolean): Promise<Settings> {
  for (let tries = 0; ; tries++) {
    const settings = await api.get<Settings>('/api/settings')
    try {
      return await api.put<Settings>('/api/settings', markedAs(settings, id, as, on))
    } catch (error) {
      if (!(error instanceof Refusal) || error.status !== 409 || tries > 2) throw error
    }
  }
}
