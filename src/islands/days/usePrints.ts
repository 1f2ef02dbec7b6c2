import { useMemo, useState } from 'react'
import { inOrder } from '../../core/days'
import type { DayThingId } from '../../core/planning'
import { type DaysData, rulesFor, rulesForDay, looksOf, wordingOf } from '../../core/records'
import { schools } from '../../core/teaching'
import type { DaysState } from './useDays'

export interface DayPrintsProps {
  readonly state: DaysState
  readonly data: DaysData
}

const FIRST: readonly DayThingId[] = ['wall-strip', 'draw-hands']

/** What was chosen to be printed, and how the core is asked for it. */
export function usePrints({ state, data }: DayPrintsProps) {
  const { body } = state
  const { whose } = body
  const [things, setThings] = useState(FIRST)
  const [groupId, setGroupId] = useState(
    whose.kind === 'group' && data.groups.some(({ id }) => id === whose.groupId) ? whose.groupId : '',
  )
  const [isRounded, setRounded] = useState(true)
  const [seed, setSeed] = useState<number | string>(1)
  const children = useMemo(() => childrenOf(data, groupId), [data, groupId])
  const wish = useMemo(() => {
    const group = data.groups.find(({ id }) => id === groupId)
    const settings = group ? rulesFor(data.settings, group) : rulesForDay(data.settings, data.groups, whose)
    const school = schools[settings.school]
    return {
      title: '',
      paper: settings.paper,
      ...looksOf(settings),
      wording: wordingOf(settings),
      rows: inOrder(body.rows),
      children,
      isRounded,
      order: school.order,
      seed: Number(seed) || 0,
    }
  }, [body.rows, children, data, groupId, isRounded, seed, whose])
  const query = new URLSearchParams([
    ...things.map((id) => ['things', id]),
    ...(groupId ? [['group', groupId]] : []),
    ['rounded', String(isRounded)],
    ['seed', String(wish.seed)],
  ]).toString()
  return { things, setThings, groupId, setGroupId, isRounded, setRounded, seed, setSeed, children, wish, query }
}

export type Prints = ReturnType<typeof usePrints>

/** The children of a group with the rungs that they work on. */
function childrenOf({ groups, reports, settings }: DaysData, groupId: string) {
  const { order } = schools[settings.school]
  const group = groups.find(({ id }) => id === groupId)
  return (group?.childIds ?? []).flatMap((id) => {
    const report = reports.find(({ child }) => child.id === id)
    const rung = report?.standing.working ?? order[order.length - 1]
    return report && rung ? [{ id, name: report.child.name, rung }] : []
  })
}
