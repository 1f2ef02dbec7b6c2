import { t } from '@lingui/core/macro'
import { Group, Stack, Switch, Text } from '@mantine/core'
import { useMemo, useState } from 'react'
import { DAY_ASKS, type DayAsk, dayQuestions } from '../../core/days'
import { type DaysData, wordingOf } from '../../core/records'
import { schools } from '../../core/teaching'
import { Choice, listed } from '../../ui/Choice'
import { useReadyToKeep } from '../../ui/outbox/useReadyToKeep'
import type { DaysState } from './useDays'
import { OneQuestion } from './AskedQuestion'

interface Props {
  readonly state: DaysState
  readonly data: DaysData
}

/** Questions about the day for one child at a time; the answers are kept with all others. */
export function AskPanel({ state, data }: Props) {
  useReadyToKeep()
  const { whose, rows } = state.body
  const group = whose.kind === 'group' ? data.groups.find(({ id }) => id === whose.groupId) : undefined
  const some = data.reports.filter(({ child }) =>
    whose.kind === 'child' ? child.id === whose.childId : !group || group.childIds.includes(child.id),
  )
  const [childId, setChildId] = useState('')
  const report = some.find(({ child }) => child.id === childId) ?? some[0]
  const [ask, setAsk] = useState<DayAsk>('set')
  const [isRounded, setRounded] = useState(true)
  const [place, setPlace] = useState(0)
  const { order } = schools[data.settings.school]
  const rung = report?.standing.working ?? order[order.length - 1] ?? 'minute'
  const wording = wordingOf(data.settings)
  const questions = useMemo(
    () => dayQuestions({ rows, ask, rung, order, isRounded, wording }),
    // The wording is made of the house rules.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [rows, ask, rung, order, isRounded, data.settings],
  )
  if (!report) return <Text size="sm">{t`Add children first: then the day asks them, each at their own step.`}</Text>
  const question = questions[place % Math.max(1, questions.length)]
  return (
    <Stack gap="sm">
      <Group gap="sm" align="end">
        <Choice
          label={t`Who`}
          value={report.child.id}
          onChange={setChildId}
          data={some.map(({ child }) => ({ value: child.id as string, label: child.name }))}
        />
        <Choice label={t`What is asked`} value={ask} onChange={setAsk} data={listed(DAY_ASKS)} />
        <Switch
          label={t`Round what is too hard`}
          checked={isRounded}
          onChange={(event) => setRounded(event.currentTarget.checked)}
        />
      </Group>
      {question ? (
        <OneQuestion
          key={`${report.child.id} ${ask} ${place} ${question.row.minute}`}
          question={question}
          childId={report.child.id}
          wording={wording}
          onNext={() => setPlace(place + 1)}
        />
      ) : (
        <Text size="sm">{t`This day has no such question: it needs another row, or one that follows it.`}</Text>
      )}
    </Stack>
  )
}
