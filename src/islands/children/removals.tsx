import { said } from '../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Checkbox, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { namesInWords } from '../../core/planning'
import type { NameElsewhere } from '../../core/keeping'
import type { ChildReport, Group, Session } from '../../core/records'
import { Confirm } from '../../ui/Confirm'
import { api } from '../../ui/api'
import { useRemove } from '../../ui/removing'
import { useChange } from './usePeople'

/** Removing a child deletes all of the child's answers. The dialog says so first, and where else the name stands. */
export function RemoveChild({ report, onClose }: { report: ChildReport; onClose: () => void }) {
  const { child, answers, groups } = report
  const removeIt = useRemove()
  const [also, setAlso] = useState<readonly string[]>([])
  const query = new URLSearchParams(also.map((spelling) => ['also', spelling]))
  const remove = useChange(() => removeIt(`/api/children/${child.id}?${query}`, child.name), onClose)
  const found = useQuery({
    queryKey: ['belongings', child.id],
    queryFn: () => api.get<NameElsewhere>(`/api/children/${child.id}/belongings`),
  })
  const elsewhere = (found.data?.places ?? []).map(({ what, count }) => `${count} ${what}`)
  return (
    <Confirm
      opened
      title={t`Remove ${child.name}?`}
      action={
        answers > 0 ? t`${plural(answers, { one: 'Remove with # answer', other: 'Remove with # answers' })}` : t`Remove`
      }
      busy={remove.isPending}
      onConfirm={() => remove.mutate(undefined)}
      onClose={onClose}
    >
      <Text>
        {goesInWords(child.name, answers)} {groups.length > 0 && t`${child.name} leaves ${said(namesInWords(groups))}.`}{' '}
        <Trans>You can undo it for ten minutes; after that it is gone for good.</Trans>
      </Text>
      {elsewhere.length > 0 && (
        <Text mt="xs">
          <Trans>The name also stands in {said(namesInWords(elsewhere))}. There it becomes “…”.</Trans>
        </Text>
      )}
      {(found.data?.spellings ?? []).length > 0 && (
        <Checkbox.Group
          mt="xs"
          label={t`These may be the name too. Tick what is to go with it.`}
          value={[...also]}
          onChange={setAlso}
        >
          {found.data?.spellings.map(({ spelling, count }) => (
            <Checkbox
              key={spelling}
              mt={6}
              value={spelling}
              label={t`${plural(count, { one: `“${spelling}”, in # text`, other: `“${spelling}”, in # texts` })}`}
            />
          ))}
        </Checkbox.Group>
      )}
      <Text mt="xs" size="sm" className="quiet">
        <Trans>
          Backups that were made before keep the name until newer ones take their place. Your data can remove them at
          once.
        </Trans>
      </Text>
    </Confirm>
  )
}

/** Removing a group deletes its sessions. Its children and their answers stay. */
export function RemoveGroup({ group, onClose }: { group: Group; onClose: () => void }) {
  const removeIt = useRemove()
  const sessions = useQuery({
    queryKey: ['sessions', group.id],
    queryFn: () => api.get<Session[]>(`/api/sessions?groupId=${group.id}`),
  })
  const remove = useChange(() => removeIt(`/api/groups/${group.id}`, group.name), onClose)
  const count = sessions.data?.length
  return (
    <Confirm
      opened
      title={t`Remove ${group.name}?`}
      action={
        count ? t`${plural(count, { one: 'Remove with # session', other: 'Remove with # sessions' })}` : t`Remove`
      }
      busy={remove.isPending || sessions.isPending}
      onConfirm={() => remove.mutate(undefined)}
      onClose={onClose}
    >
      <Text>
        {count === undefined
          ? t`Its sessions go with it.`
          : count === 0
            ? t`It has no sessions.`
            : t`${plural(count, { one: 'Its one session goes with it.', other: 'Its # sessions go with it.' })}`}{' '}
        {t`The children and their answers stay.`}
      </Text>
    </Confirm>
  )
}

const goesInWords = (name: string, answers: number): string =>
  answers === 0
    ? t`${name} goes.`
    : t`${plural(answers, {
        one: `${name} goes, with # answer and all that follows from it.`,
        other: `${name} goes, with # answers and all that follows from them.`,
      })}`
