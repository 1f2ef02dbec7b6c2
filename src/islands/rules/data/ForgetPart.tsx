import { dateInWords } from '../../../words/adult'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import { useState } from 'react'
import type { Undo } from '../../../core/keeping'
import { DateField } from '../../../ui/DateField'
import { Confirm } from '../../../ui/Confirm'
import { api } from '../../../ui/api'
import { tell } from '../../../ui/notices'
import { untilInWords } from '../../../ui/removing'
import { IN_PLACE } from '../../../ui/inPlace'
import { Refused } from '../../../ui/Refused'
import { Part } from './Part'
import { useDataChange, useLook } from './useData'

/** A year ago, as a field of dates has it. */
function aYearAgo(): string {
  const when = new Date()
  when.setFullYear(when.getFullYear() - 1)
  return when.toISOString().slice(0, 10)
}

/** Old answers that are no longer needed. */
export function ForgetPart() {
  const [before, setBefore] = useState(aYearAgo)
  const [count, setCount] = useState<number>()
  const look = useLook(
    () => api.get<{ count: number }>(`/api/data/old-answers?before=${before}`),
    (found) => setCount(found.count),
    IN_PLACE,
  )
  const forget = useDataChange(
    () => api.post<Undo>('/api/data/old-answers', { before }),
    (undo) => {
      setCount(undefined)
      void tell({
        title: t`Forgotten`,
        message: t`${undo.what}. It can be taken back until ${untilInWords(undo)}, above.`,
        color: 'moss',
      })
    },
  )
  return (
    <Part title={t`Forget old answers`}>
      <Text size="sm">
        <Trans>
          Children stay; what they answered before this day goes. What they are sure of is then worked out from the
          rest. A child is removed in Children.
        </Trans>
      </Text>
      <Group align="end" gap="xs">
        <DateField label={t`Answers before`} value={before} onChange={setBefore} />
        <Button
          variant="default"
          loading={look.isPending}
          onClick={() => look.mutate(undefined)}
        >{t`Forget them …`}</Button>
      </Group>
      <Refused error={look.error} />
      <ForgetDialog
        count={count}
        before={before}
        busy={forget.isPending}
        onForget={() => forget.mutate(undefined)}
        onClose={() => setCount(undefined)}
      />
    </Part>
  )
}

interface ForgetDialogProps {
  readonly count: number | undefined
  readonly before: string
  readonly busy: boolean
  readonly onForget: () => void
  readonly onClose: () => void
}

/** How many there are, before any of them goes. */
function ForgetDialog({ count, before, busy, onForget, onClose }: ForgetDialogProps) {
  return (
    <Confirm
      opened={count !== undefined}
      title={
        count === 0
          ? t`There are no answers before that day`
          : t`${plural(count ?? 0, { one: 'Forget # answer?', other: 'Forget # answers?' })}`
      }
      action={count === 0 ? t`Well` : t`Forget them`}
      busy={busy}
      onConfirm={() => (count === 0 ? onClose() : onForget())}
      onClose={onClose}
    >
      <Text>
        {count === 0
          ? t`Nothing was answered before ${dateInWords(before, { year: true })}.`
          : t`You can undo it for ten minutes. After that they are gone for good, but for backups that were made before.`}
      </Text>
    </Confirm>
  )
}
