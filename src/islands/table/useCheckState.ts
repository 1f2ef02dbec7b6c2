import type { SessionId } from '../../core/ids'
import { useLocalStorage } from '@mantine/hooks'
import type { PlanChild } from '../../core/planning'
import { type CheckState, NOTHING } from './checkState'

/** What is kept in the browser of one session's check, so that a reload goes on where it was. */
export function useCheckState(sessionId: SessionId) {
  return useLocalStorage<CheckState>({
    key: `table-check-2-${sessionId}`,
    defaultValue: NOTHING,
    // Only shown once the view stands, so nothing came from the server that could differ.
    getInitialValueInEffect: false,
  })
}

export interface CheckTally {
  readonly child: PlanChild
  readonly right: number
  readonly of: number
}

/** How many of each child's answers were right in this session. */
export function tallyOf({ answers }: CheckState, children: readonly PlanChild[]): CheckTally[] {
  return children.map((child) => {
    const own = answers.filter((answer) => answer.childId === child.id)
    return { child, right: own.filter(({ right }) => right).length, of: own.length }
  })
}
