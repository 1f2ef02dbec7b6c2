import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { activityOf } from '../../core/activities'
import type { LocalDay } from '../../core/clock'
import { type Answer, isInWeek } from '../../core/knowing'
import type { Session } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { calendarDay } from '../../ui/calendarDay'
import { dayInWords } from '../../ui/dates'

/** What was played with this child in one week, and what the answers were. */
export function WeekPlayed({ week, answers }: { week: LocalDay; answers: readonly Answer[] }) {
  const own = answers.filter(({ day }) => isInWeek(day, week))
  const ids = new Set(own.map(({ sessionId }) => sessionId))
  const query = useQuery({ queryKey: ['sessions'], queryFn: () => api.get<Session[]>('/api/sessions') })
  const met = [...new Set(own.map(({ item }) => item.rung))]
  return (
    <section aria-label={t`The week`} style={{ marginTop: 10 }}>
      <Text fw={700}>
        <Trans>The week of {calendarDay(week)}</Trans>
      </Text>
      <Loaded query={query}>
        {(sessions) => (
          <>
            {sessions
              .filter(({ id }) => ids.has(id))
              .map(({ id, date, plan }) => (
                <Text key={id} size="sm">
                  {dayInWords(date)}: {plan.steps.map(({ activityId }) => said(activityOf(activityId).name)).join(', ')}
                  .
                </Text>
              ))}
          </>
        )}
      </Loaded>
      {met.map((rung) => {
        const list = own.filter(({ item }) => item.rung === rung)
        return (
          <Text key={rung} size="sm">
            <Trans>
              {said(rungOf(rung).name)}: {list.filter(({ right }) => right).length} of {list.length} right.
            </Trans>
          </Text>
        )
      })}
      {own.length === 0 && <Text size="sm">{t`No answers in this week.`}</Text>}
    </section>
  )
}
