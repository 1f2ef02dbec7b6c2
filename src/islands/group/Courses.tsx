import { t } from '@lingui/core/macro'
import { Table, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { GroupId } from '../../core/ids'
import type { ChildCourse } from '../../core/records'
import { api } from '../../ui/api'
import { calendarDay } from '../../ui/calendarDay'
import { ChartKey } from '../../ui/charts/ChartKey'
import { WhenSeen } from '../../ui/charts/WhenSeen'
import { Fold } from '../../ui/Fold'
import { Loaded } from '../../ui/Loaded'
import { later } from '../../ui/later'
import { courseWeeks } from './courseWeeks'

const chart = later(async () => (await import('./CoursesChart')).CoursesChart)
const CHART_PX = 280

/** How the children went on side by side; read once it comes into sight. */
export function Courses({ id }: { id: GroupId }) {
  return (
    <section className="sheet" aria-label={t`How they went on`}>
      <Title order={2} size="h4" mb={6}>{t`How they went on`}</Title>
      <WhenSeen height={CHART_PX}>
        <Read id={id} />
      </WhenSeen>
    </section>
  )
}

function Read({ id }: { id: GroupId }) {
  const query = useQuery({
    queryKey: ['courses', id],
    queryFn: () => api.get<ChildCourse[]>(`/api/groups/${id}/courses`),
  })
  return (
    <Loaded query={query}>
      {(all) => {
        const courses = all.filter(({ weeks }) => weeks.length > 0)
        if (courses.length === 0)
          return <Text>{t`Nothing to draw yet: it shows from the first day with answers on.`}</Text>
        return (
          <>
            <div
              role="img"
              aria-label={t`How many steps each child had secure, week by week. The table has it in figures.`}
              className="no-print"
            >
              <chart.Part courses={courses} height={CHART_PX} />
            </div>
            <ChartKey names={courses.map(({ name }) => name)} />
            <Text
              size="sm"
              className="quiet"
            >{t`How many steps were secure at the end of each week, by the answers alone.`}</Text>
            <Fold title={t`As a table`}>
              <AsTable courses={courses} />
            </Fold>
          </>
        )
      }}
    </Loaded>
  )
}

function AsTable({ courses }: { courses: readonly ChildCourse[] }) {
  const weeks = courseWeeks(courses)
  return (
    <Table.ScrollContainer minWidth={110 + weeks.length * 70}>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{t`Child`}</Table.Th>
            {weeks.map((week) => (
              <Table.Th key={week}>{calendarDay(week).slice(4)}</Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {courses.map((course) => (
            <Table.Tr key={course.childId}>
              <Table.Th scope="row">{course.name}</Table.Th>
              {weeks.map((week) => (
                <Table.Td key={week}>{course.weeks.find((each) => each.week === week)?.secure ?? ''}</Table.Td>
              ))}
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Table.ScrollContainer>
  )
}
