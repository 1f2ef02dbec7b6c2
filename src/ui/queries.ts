import type { OwnActivityBody } from '../core/activities'
import type { Day } from '../core/days'
import type { Story } from '../core/stories'
import type { SessionId } from '../core/ids'
import type { Answer } from '../core/knowing'
import type {
  ActivitiesData,
  AnswerChange,
  ChildData,
  ChildReport,
  DaysData,
  Group,
  GroupCount,
  GroupData,
  Kept,
  LogData,
  Note,
  Overview,
  PeopleData,
  RecordData,
  Session,
  SessionContext,
  Settings,
  StoriesData,
  TermData,
} from '../core/records'
import { api } from './api'

/* The queries that views begin with. The server reads the same shapes for the first paint (`server/viewData.ts`). */

export const overviewQuery = {
  queryKey: ['overview'],
  queryFn: () => api.get<Overview>('/api/overview'),
}

export const settingsQuery = {
  queryKey: ['settings'],
  queryFn: () => api.get<Settings>('/api/settings'),
}

export const sessionQuery = (id: string) => ({
  queryKey: ['session', id],
  queryFn: () => api.get<SessionContext>(`/api/sessions/${id}`),
})

export const peopleQuery = {
  queryKey: ['people'],
  queryFn: async (): Promise<PeopleData> => {
    const [groups, reports] = await Promise.all([
      api.get<Group[]>('/api/groups'),
      api.get<ChildReport[]>('/api/children'),
    ])
    return { groups, reports }
  },
}

export const groupQuery = (id: string) => ({
  queryKey: ['group', id],
  queryFn: () => api.get<GroupData>(`/api/groups/${id}/members`),
})

export const activitiesQuery = {
  queryKey: ['activities'],
  queryFn: async (): Promise<ActivitiesData> => {
    const [own, settings] = await Promise.all([
      api.get<Kept<OwnActivityBody>[]>('/api/activities'),
      api.get<Settings>('/api/settings'),
    ])
    return { own, settings }
  },
}

export const termQuery = (id: string) => ({
  queryKey: ['term', id],
  queryFn: () => api.get<TermData>(`/api/groups/${id}/term`),
})

export const childQuery = (id: string) => ({
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

export const daysQuery = {
  queryKey: ['days'],
  queryFn: async (): Promise<DaysData> => {
    const [days, groups, reports, settings] = await Promise.all([
      api.get<Kept<Day>[]>('/api/days'),
      api.get<Group[]>('/api/groups'),
      api.get<ChildReport[]>('/api/children'),
      api.get<Settings>('/api/settings'),
    ])
    return { days, groups, reports, settings }
  },
}

export const storiesQuery = {
  queryKey: ['stories'],
  queryFn: async (): Promise<StoriesData> => {
    const [days, stories] = await Promise.all([daysQuery.queryFn(), api.get<Kept<Story>[]>('/api/stories')])
    return { ...days, stories }
  },
}

export const logQuery = {
  queryKey: ['log'],
  queryFn: async (): Promise<LogData> => {
    const [sessions, groups] = await Promise.all([api.get<Session[]>('/api/sessions'), api.get<Group[]>('/api/groups')])
    return { sessions, groups }
  },
}

export const recordQuery = (sessionId: SessionId) => ({
  queryKey: ['record', sessionId],
  queryFn: async (): Promise<RecordData> => {
    const [answers, counts, reports, settings] = await Promise.all([
      api.get<Answer[]>(`/api/answers?sessionId=${sessionId}`),
      api.get<GroupCount[]>(`/api/sessions/${sessionId}/counts`),
      api.get<ChildReport[]>('/api/children'),
      api.get<Settings>('/api/settings'),
    ])
    return { answers, counts, reports, settings }
  },
})
