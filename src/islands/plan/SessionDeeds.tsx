import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import { IconCalendarX, IconCopy } from '@tabler/icons-react'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { DAYS_PER_WEEK, dateAfter } from '../../core/clock'
import type { Session } from '../../core/records'
import { api, newId } from '../../ui/api'
import { Confirm } from '../../ui/Confirm'
import { dayInWords } from '../../ui/dates'
import { Refused } from '../../ui/Refused'
import { useRemoveSession } from '../../ui/removing'
import { IN_PLACE } from '../../ui/inPlace'

/** What is done with a session as a whole: the same a week later, or not at all. It is moved by its date. */
export function SessionDeeds({ session }: { session: Session }) {
  const [isAsking, setAsking] = useState(false)
  // One id for as long as the plan stands: a repeated send makes one copy.
  const [id] = useState(newId)
  const later = dateAfter(session.date, DAYS_PER_WEEK)
  const copy = useMutation({
    meta: IN_PLACE,
    mutationFn: () => api.post<Session>(`/api/sessions/${session.id}/copy`, { id, date: later }),
    onSuccess: (made) => window.location.assign(`/plan/${made.id}`),
  })
  const cancel = useRemoveSession(session, () => window.location.assign('/'))
  return (
    <Group gap="xs">
      <Button
        variant="subtle"
        loading={copy.isPending || copy.isSuccess}
        onClick={() => copy.mutate()}
        leftSection={<IconCopy size={17} />}
      >
        <Trans>The same plan on {dayInWords(later)}</Trans>
      </Button>
      <Button
        variant="subtle"
        onClick={() => setAsking(true)}
        leftSection={<IconCalendarX size={17} />}
      >{t`Cancel this session`}</Button>
      <Refused error={copy.error ?? cancel.error} />
      <Confirm
        opened={isAsking}
        title={t`Cancel this session?`}
        action={t`Cancel it`}
        busy={cancel.isPending}
        onConfirm={() => cancel.mutate()}
        onClose={() => setAsking(false)}
      >
        <Text>
          <Trans>
            Its plan goes; you can undo that for ten minutes, in Your data. To move it, change its date instead.
          </Trans>
        </Text>
      </Confirm>
    </Group>
  )
}
