import { said } from '#words'
import { t } from '@lingui/core/macro'
import { Button, Group } from '@mantine/core'
import { IconCalendarPlus } from '@tabler/icons-react'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { Activity } from '../../core/activities'
import { planAfterAdd } from '../../core/planning'
import { type Session, type SessionContext, editOf, requestOf } from '../../core/records'
import { Choice } from '../../ui/Choice'
import { api } from '../../ui/api'
import { useOpenSessions } from '../../ui/kept'
import { tell } from '../../ui/notices'

/**
 * Adds an activity to a session that is still to come, before its closing check. The plan's own checks say whether it
 * fits.
 */
export function PutIntoSession({ activity }: { activity: Activity }) {
  const sessions = useOpenSessions()
  const [picked, setPicked] = useState('')
  const put = useMutation({
    mutationFn: async (id: string) => {
      const context = await api.get<SessionContext>(`/api/sessions/${id}`)
      const { session } = context
      const plan = planAfterAdd(session.plan, activity, requestOf(context))
      return api.put<Session>(`/api/sessions/${id}`, editOf({ ...session, plan }))
    },
    onSuccess: () =>
      void tell({
        message: t`${said(activity.name)} is in the session. Its plan says whether it fits.`,
        color: 'moss',
      }),
  })
  const [first] = sessions
  if (!first) return null
  const id = sessions.some((each) => each.id === picked) ? picked : first.id
  return (
    <Group gap="xs" align="end">
      <Choice
        label={t`Session`}
        value={id}
        data={sessions.map((each) => ({ value: each.id, label: each.label }))}
        onChange={setPicked}
      />
      <Button
        variant="default"
        leftSection={<IconCalendarPlus size={18} />}
        loading={put.isPending}
        onClick={() => put.mutate(id)}
      >{t`Put into the session`}</Button>
    </Group>
  )
}
