import type { DayWhose } from '../days'
import type { Group } from './people'
import { type Settings, rulesFor } from './settings'

/** The rules that hold for those whom a day is of: a group's, those of the first group that a child is in, or the house's. */
export function rulesForDay(settings: Settings, groups: readonly Group[], whose: DayWhose): Settings {
  const group = groups.find(({ id, childIds }) =>
    whose.kind === 'group' ? id === whose.groupId : whose.kind === 'child' && childIds.includes(whose.childId),
  )
  return group ? rulesFor(settings, group) : settings
}
