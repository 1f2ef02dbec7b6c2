import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { Session } from '../../core/records'
import { api } from '../../ui/api'
import { dayInWords } from '../../ui/dates'
import { Refused } from '../../ui/Refused'
import { useRemoveSession } from '../../ui/removing'
import { IN_PLACE } from '../../ui/inPlace'

/** A session whose day is over and of which nobody said whether it was held: what follows depends on it. */
export function Unsaid({ session }: { session: Session }) {
  const client = useQueryClient()
  const refreshed = () => client.invalidateQueries({ queryKey: ['overview'] })
  const held = useMutation({
    meta: IN_PLACE,
    mutationFn: () => api.post<Session>(`/api/sessions/${session.id}/done`, {}),
    onSuccess: refreshed,
  })
  const cancel = useRemoveSession(session, refreshed)
  const isBusy = held.isPending || cancel.isPending
  return (
    <Stack gap={6} className="sheet sheet-attention" role="group" aria-label={t`A session that is over`}>
      <Text>
        <Trans>Was the session of {dayInWords(session.date)} held?</Trans>
      </Text>
      <Group gap="xs">
        <Button size="sm" disabled={isBusy} onClick={() => held.mutate()}>{t`Yes, it was`}</Button>
        <Button
          size="sm"
          variant="default"
          component="a"
          href={`/plan/${session.id}`}
        >{t`No, move it to another day`}</Button>
        <Button
          size="sm"
          variant="default"
          disabled={isBusy}
          onClick={() => cancel.mutate()}
        >{t`No, it is cancelled`}</Button>
      </Group>
      <Refused error={held.error ?? cancel.error} />
    </Stack>
  )
}
