import type { LocalDay } from '../../core/clock'
import type { ChildCourse } from '../../core/records'

/** All weeks that some child of a group has, the earliest first. */
export function courseWeeks(courses: readonly ChildCourse[]): LocalDay[] {
  return [...new Set(courses.flatMap(({ weeks }) => weeks.map(({ week }) => week)))].sort((a, b) => a - b)
}
