import { keyOfRead, type ReadOfAll, type ReadOfOne, type Reads } from '../core/views'
import { api } from './api'

/* The queries that views begin with. The server reads the same for the first paint (`server/viewData.ts`). */

const ofAll = <Id extends ReadOfAll>(read: Id) => ({
  queryKey: keyOfRead(read),
  queryFn: () => api.get<Reads[Id]>(`/api/reads/${read}`),
})

const ofOne =
  <Id extends ReadOfOne>(read: Id) =>
  (of: string) => ({
    queryKey: keyOfRead(read, of),
    queryFn: () => api.get<Reads[Id]>(`/api/reads/${read}/${of}`),
  })

export const overviewQuery = ofAll('overview')
export const settingsQuery = ofAll('settings')
export const peopleQuery = ofAll('people')
export const activitiesQuery = ofAll('activities')
export const daysQuery = ofAll('days')
export const storiesQuery = ofAll('stories')
export const logQuery = ofAll('log')
export const groupQuery = ofOne('group')
export const termQuery = ofOne('term')
export const childQuery = ofOne('child')
export const sessionQuery = ofOne('session')
export const recordQuery = ofOne('record')
