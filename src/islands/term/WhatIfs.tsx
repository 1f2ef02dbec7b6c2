import { inDecimals } from '../../words/adult'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Progress, Stack, Text, Title, Table } from '@mantine/core'
import { useState } from 'react'
import { type Forecast, PLANNED_FOR, type TermWish, type WhatIf, rungsGained, whatIfs } from '../../core/planning'
import type { TermData } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { dayInWords } from '../../ui/dates'
import { TERM_RUNS, useForecast } from './useForecast'

interface Props extends Pick<TermData, 'children'> {
  readonly base: Forecast
  readonly wish: TermWish
}

/** One change of the term at a time, beside the term as it is. */
export function WhatIfs({ base, wish, children }: Props) {
  const [tried, setTried] = useState<WhatIf>()
  const found = useForecast(tried?.wish, children)
  return (
    <section className="sheet" aria-label={t`What if`}>
      <Title order={2} size="h4" mb={6}>{t`What if …`}</Title>
      <Group gap="xs" mb="sm">
        {whatIfs(wish).map((each) => (
          <Button
            key={each.id}
            variant={tried?.id === each.id ? 'light' : 'default'}
            aria-pressed={tried?.id === each.id}
            onClick={() => setTried(each)}
          >
            {said(each.name)}
          </Button>
        ))}
      </Group>
      {tried && found.isRunning && (
        <Progress value={(100 * found.done) / TERM_RUNS} aria-label={t`How much of it is done`} />
      )}
      {tried && found.isFresh && found.forecast && (
        <Compared name={said(tried.name)} base={base} other={found.forecast} children={children} />
      )}
      {!tried && <Text size="sm" className="quiet">{t`Choose one, and the same terms are played with it.`}</Text>}
    </section>
  )
}

interface ComparedProps extends Pick<TermData, 'children'> {
  readonly name: string
  readonly base: Forecast
  readonly other: Forecast
}

function Compared({ name, base, other, children }: ComparedProps) {
  const gained = (forecast: Forecast) => inDecimals(rungsGained(forecast).toFixed(1))
  const sameGoal = base.goal && other.goal && [base.goal, other.goal].map((goal) => goal.by[PLANNED_FOR])
  const goal = base.goal ? rungOf(base.goal.rung).name : ''
  const rows = children.flatMap(({ id, name: child }) => {
    const [next] = base.children.find(({ childId }) => childId === id)?.rungs ?? []
    const then = other.children.find(({ childId }) => childId === id)?.rungs.find(({ rung }) => rung === next?.rung)
    return next && then ? [{ id, child, rung: next.rung, now: next.by[PLANNED_FOR], then: then.by[PLANNED_FOR] }] : []
  })
  return (
    <Stack gap="xs">
      <Text size="sm">
        <Trans>
          <strong>{name}:</strong> {gained(other)} steps more for a child by the end, on average, rather than{' '}
          {gained(base)}.
        </Trans>
      </Text>
      {sameGoal && (
        <Text size="sm">
          <Trans>
            All secure on {said(goal)}, 8 in 10 times: {dayOr(sameGoal[1])}, rather than {dayOr(sameGoal[0])}.
          </Trans>
        </Text>
      )}
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{t`Child`}</Table.Th>
            <Table.Th>{t`Next step`}</Table.Th>
            <Table.Th>{t`As it is`}</Table.Th>
            <Table.Th>{t`With this`}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rows.map(({ id, child, rung, now, then }) => (
            <Table.Tr key={id}>
              <Table.Th scope="row" className="anywhere">
                {child}
              </Table.Th>
              <Table.Td>{said(rungOf(rung).name)}</Table.Td>
              <Table.Td>{dayOr(now)}</Table.Td>
              <Table.Td>{dayOr(then)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Stack>
  )
}

const dayOr = (date: string | null | undefined) => (date ? dayInWords(date) : t`after the term`)
