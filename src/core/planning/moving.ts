import type { SessionRequest } from './request'

/** What no session is without movement: longer than this with children of four or five, and with others. */
const WITHOUT_MOVING = { young: 11, others: 20 } as const
const YOUNG_UNTIL_AGE = 5

/** The longest session, in whole minutes, in which nothing has to move: less where a child is four or five. */
export function stillMinutes({ children }: Pick<SessionRequest, 'children'>): number {
  const isYoung = children.some(({ age }) => age !== undefined && age <= YOUNG_UNTIL_AGE)
  return isYoung ? WITHOUT_MOVING.young : WITHOUT_MOVING.others
}
