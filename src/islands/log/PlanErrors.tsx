import { inDecimals, dateInWords } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text, Title, Table } from '@mantine/core'
import { type PlanError, planError } from '../../core/planning'
import type { Group, Session } from '../../core/records'
import { dayInWords } from '../../ui/dates'
import { WhenSeen } from '../../ui/charts/WhenSeen'
import { Fold } from '../../ui/Fold'
import { later } from '../../ui/later'

const chart = later(async () => (await import('./MinutesChart')).MinutesChart)
const CHART_PX = 210

interface Props {
  readonly sessions: readonly Session[]
  readonly group: Group | undefined
}

/** Sessions that are shown; older ones are told in the file of the workspace. */
const MOST_SHOWN = 12

/** How far off the planned minutes were, session by session: as the pace is learnt, it should fall. */
export function PlanErrors({ sessions, group }: Props) {
  const told = sessions
    .filter(({ groupId, doneAt }) => groupId === group?.id && doneAt !== null)
    .flatMap(({ id, date, plan }) => {
      const error = planError(plan)
      return error ? [{ id, date, ...error }] : []
    })
    .slice(0, MOST_SHOWN)
    .reverse()
  if (!group || told.length === 0) return null
  const drawn = told.map(({ date, planned, real }) => ({ day: dateInWords(date, { weekday: false }), planned, real }))
  return (
    <section className="sheet" aria-label={t`Planned and real minutes`} style={{ marginTop: 12 }}>
      <Title order={2} size="h4" mb={6} className="anywhere">
        <Trans>Planned and real minutes of {group.name}</Trans>
      </Title>
      <div
        role="img"
        aria-label={t`Planned and real minutes of each session. The table has them in figures.`}
        className="no-print"
      >
        <WhenSeen height={CHART_PX}>
          <chart.Part sessions={drawn} height={CHART_PX} />
        </WhenSeen>
      </div>
      <Fold title={t`As a table`}>
        <ErrorTable told={told} />
      </Fold>
      <Text
        size="sm"
        className="quiet"
        mt={4}
      >{t`The table keeps how long each activity took, and the next plan goes by it.`}</Text>
    </section>
  )
}

type ToldSession = Pick<Session, 'id' | 'date'> & PlanError

function ErrorTable({ told }: { told: readonly ToldSession[] }) {
  return (
    <Table>
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{t`Session`}</Table.Th>
          <Table.Th>{t`Planned`}</Table.Th>
          <Table.Th>{t`Real`}</Table.Th>
          <Table.Th>{t`An activity differed by`}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {told.map(({ id, date, minutesOff, planned, real }) => (
          <Table.Tr key={id}>
            <Table.Th scope="row" style={{ whiteSpace: 'nowrap' }}>
              {dayInWords(date)}
            </Table.Th>
            <Table.Td>
              <Trans>{planned.toFixed(0)} min</Trans>
            </Table.Td>
            <Table.Td>
              <Trans>{real.toFixed(0)} min</Trans>
            </Table.Td>
            <Table.Td style={{ whiteSpace: 'nowrap' }}>
              <Trans>{inDecimals(minutesOff.toFixed(1))} min</Trans>
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  )
}
