import { type Activity, catalogue } from '../activities'
import type { SessionRequest } from './request'

/**
 * All that a session can be planned from: the catalogue and the adult's own activities, without those that are marked
 * as not for this adult. The short check at the end is always offered.
 */
export function offeredActivities({ own = [], notForUs = [] }: Pick<SessionRequest, 'own' | 'notForUs'>): Activity[] {
  return [...catalogue, ...own].filter(({ id, role }) => role === 'check' || !notForUs.includes(id))
}
