import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Text, Title, Table } from '@mantine/core'
import type { RungShare, TermWeek } from '../../core/planning'
import { rungOf } from '../../core/teaching'
import { dayInWords } from '../../ui/dates'

/** Which rungs come in which weeks, with what comes back among them. */
export function WeekList({ weeks }: { weeks: readonly TermWeek[] }) {
  return (
    <section className="sheet" aria-label={t`Week by week`}>
      <Title order={2} size="h4" mb={6}>{t`Week by week`}</Title>
      <div className="term-weeks" tabIndex={0} role="group" aria-label={t`Weeks`}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t`Sessions`}</Table.Th>
              <Table.Th>{t`Likely about`}</Table.Th>
              <Table.Th>{t`Revision`}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {weeks.map(({ monday, meetings, works, back }) => (
              <Table.Tr key={monday}>
                <Table.Th scope="row" style={{ whiteSpace: 'nowrap' }}>
                  {meetings.map((date) => dayInWords(date)).join(', ')}
                </Table.Th>
                <Table.Td>{works.length === 0 ? t`all is known by then` : named(works)}</Table.Td>
                <Table.Td>{named(back)}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
      <Text
        size="sm"
        className="quiet"
        mt={6}
      >{t`The likelier one first. A session itself is planned from the records of its day.`}</Text>
    </section>
  )
}

function named(shares: readonly RungShare[]): string {
  return shares.map(({ rung }) => said(rungOf(rung).name)).join(' / ')
}
