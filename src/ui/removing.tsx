import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import { type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query'
import type { TakenBack, Undo } from '../core/keeping'
import type { Session } from '../core/records'
import { api } from './api'
import { toTimeField, minuteOf } from './dates'
import { forgetGoneHere } from './forgetHere'
import { IN_PLACE } from './inPlace'
import { tell } from './notices'

/** Until when a removal can be taken back, as a time of day: "14:32". */
export function untilInWords({ until }: Pick<Undo, 'until'>): string {
  return toTimeField(minuteOf(new Date(until)))
}

const STAYS_MS = 30_000

/** Removes something on the server, and offers to take that back as long as it is promised. */
export function useRemove(): (path: string, what: string) => Promise<void> {
  const client = useQueryClient()
  return async (path, what) => {
    const undo = await api.remove<Undo>(path)
    void tell({
      title: t`${what} is removed`,
      message: <TakeBackLine undo={undo} client={client} />,
      color: 'moss',
      autoClose: STAYS_MS,
    })
    void forgetGoneHere()
  }
}

/** Removes a session, and offers to take that back. What failed is said by the view. */
export function useRemoveSession({ id }: Pick<Session, 'id'>, onGone: () => unknown) {
  const removeIt = useRemove()
  return useMutation({
    meta: IN_PLACE,
    mutationFn: () => removeIt(`/api/sessions/${id}`, t`The session`),
    onSuccess: onGone,
  })
}

function TakeBackLine({ undo, client }: { undo: Undo; client: QueryClient }) {
  return (
    <Group justify="space-between" gap="xs">
      <Text size="sm">
        <Trans>It can be taken back until {untilInWords(undo)}, here or in Your data.</Trans>
      </Text>
      <Button size="compact-sm" variant="light" onClick={() => void takeBackRemoval(undo.id, client)}>{t`Undo`}</Button>
    </Group>
  )
}

/** Takes a change back and says what came of it. */
export async function takeBackRemoval(id: string, client: QueryClient): Promise<void> {
  try {
    const { stays } = await api.post<TakenBack>(`/api/data/undo/${id}`, {})
    const message =
      stays === 0
        ? t`Everything is as it was before.`
        : t`${plural(stays, { one: 'One thing was changed since, and stays as it is now.', other: '# things were changed since, and stay as they are now.' })}`
    void tell({ title: t`Taken back`, message, color: 'moss' })
  } catch (error) {
    void tell({ title: t`Not taken back`, message: error instanceof Error ? error.message : '', color: 'oak' })
  }
  await client.invalidateQueries()
}
