import { quoted, titled } from '../../ui/titled'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Stack, Text, Title } from '@mantine/core'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { activityOf } from '../../core/activities'
import { type Group as GroupRecord, rulesFor, type Session } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { Confirm } from '../../ui/Confirm'
import { Loaded } from '../../ui/Loaded'
import { Refused } from '../../ui/Refused'
import { Strip } from '../../ui/Strip'
import { useRemoveSession } from '../../ui/removing'
import { dayInWords } from '../../ui/dates'
import { overviewQuery, recordQuery } from '../../ui/queries'
import { BuildSession } from '../today/BuildSession'
import { ChildRecord } from './ChildRecord'
import { Counted } from './Counted'

/**
 * One session as it was held: its steps, its note, and for each child what was answered, what it means, what comes
 * next.
 */
export function SessionRecord({ session, group }: { session: Session; group?: GroupRecord }) {
  const query = useQuery(recordQuery(session.id))
  return (
    <section className="sheet" aria-label={t`The session`}>
      <Stack gap="sm">
        <Group justify="space-between" align="baseline">
          <Title order={2} size="h3" className="anywhere" style={{ flex: 1 }}>
            {group?.name ?? t`A group that is gone`}, {dayInWords(session.date)}
          </Title>
          <Group gap="xs">
            {session.doneAt === null && (
              <Button component="a" href={`/plan/${session.id}`} variant="default" size="sm">{t`Open the plan`}</Button>
            )}
            <RemoveSession session={session} />
          </Group>
        </Group>
        <Strip plan={session.plan} height={34} />
        <Text size="sm" className="quiet">
          {titled(
            said(rungOf(session.plan.rung).name),
            session.plan.steps.map((step) => said(activityOf(step).name)).join(', '),
          )}
        </Text>
        {session.note !== '' && (
          <Text className="anywhere" style={{ whiteSpace: 'pre-wrap' }}>
            {quoted(session.note)}
          </Text>
        )}
        <Loaded query={query}>
          {({ answers, counts, reports, settings }) => {
            const answered = reports.filter((report) => answers.some((answer) => answer.childId === report.child.id))
            if (answered.length + counts.length === 0) return <Text>{t`No answers were taken in this session.`}</Text>
            return (
              <Stack gap="xs">
                {counts.length > 0 && <Counted counts={counts} settings={settings} />}
                {answered.map((report) => (
                  <ChildRecord
                    key={report.child.id}
                    report={report}
                    answers={answers.filter((answer) => answer.childId === report.child.id)}
                    settings={settings}
                  />
                ))}
              </Stack>
            )
          }}
        </Loaded>
        {session.doneAt !== null && <WhatNext session={session} />}
      </Stack>
    </section>
  )
}

/** The session that follows: the one that is planned, or a new one on the day that the term says. */
function WhatNext({ session }: { session: Session }) {
  const query = useQuery(overviewQuery)
  const found = query.data?.groups.find(({ group }) => group.id === session.groupId)
  if (!query.data || !found || found.children.length === 0 || found.last?.id !== session.id) return null
  if (found.next)
    return (
      <Text>
        <Trans>
          The next session is{' '}
          <Anchor href={`/plan/${found.next.id}`} underline="always">
            planned for {dayInWords(found.next.date)}
          </Anchor>
          .
        </Trans>
      </Text>
    )
  return (
    <section aria-label={t`The next session`}>
      <Text fw={700} mb={4}>{t`The next session starts from here`}</Text>
      <BuildSession
        groupId={session.groupId}
        settings={rulesFor(query.data.settings, found.group)}
        day={found.nextDay}
        like={session}
      />
    </section>
  )
}

function RemoveSession({ session }: { session: Session }) {
  const client = useQueryClient()
  const [asking, setAsking] = useState(false)
  const remove = useRemoveSession(session, async () => {
    setAsking(false)
    await client.invalidateQueries({ queryKey: ['log'] })
  })
  return (
    <>
      <Button variant="subtle" size="sm" onClick={() => setAsking(true)}>{t`Remove`}</Button>
      <Confirm
        opened={asking}
        title={t`Remove this session?`}
        action={t`Remove it`}
        busy={remove.isPending}
        onConfirm={() => remove.mutate()}
        onClose={() => setAsking(false)}
      >
        <Text>
          <Trans>
            Its plan, its note and what was counted in its games go; you can undo that for ten minutes. The answers
            given in it stay with the children.
          </Trans>
        </Text>
        <Refused error={remove.error} />
      </Confirm>
    </>
  )
}
