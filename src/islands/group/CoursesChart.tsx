import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { ChildCourse } from '../../core/records'
import { calendarDay } from '../../ui/calendarDay'
import { AXIS, lineLook, TOOLTIP } from '../../ui/charts/look'
import { courseWeeks } from './courseWeeks'

interface Props {
  readonly courses: readonly ChildCourse[]
  readonly height: number
}

/** A line for each child: how many steps were secure, week by week. */
export function CoursesChart({ courses, height }: Props) {
  const weeks = courseWeeks(courses)
  const data = weeks.map((week) => ({
    week: calendarDay(week).slice(4),
    ...Object.fromEntries(
      courses.map((course) => [course.childId, course.weeks.find((each) => each.week === week)?.secure]),
    ),
  }))
  return (
    <ResponsiveContainer width="100%" height={height}>
      <LineChart data={data} margin={{ top: 8, right: 16, bottom: 4, left: 0 }} accessibilityLayer={false}>
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis dataKey="week" {...AXIS} />
        <YAxis allowDecimals={false} width={36} {...AXIS} />
        <Tooltip {...TOOLTIP} />
        {courses.map(({ childId, name }, i) => (
          <Line
            key={childId}
            dataKey={childId}
            name={name}
            {...lineLook(i)}
            type="stepAfter"
            // One week alone has no line to be seen by.
            dot={weeks.length > 1 ? false : { r: 3 }}
            isAnimationActive={false}
          />
        ))}
      </LineChart>
    </ResponsiveContainer>
  )
}
