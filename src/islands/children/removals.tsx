import { counted } from '../../core/wording'
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
  const elsewhere = (found.data?.places ?? []).map(({ one, many, count }) => `${count} ${count === 1 ? one : many}`)
  return (
    <Confirm
      opened
      title={`Remove ${child.name}?`}
      action={answers > 0 ? `Remove with ${counted(answers, 'answer')}` : 'Remove'}
      busy={remove.isPending}
      onConfirm={() => remove.mutate(undefined)}
      onClose={onClose}
    >
      <Text>
        {child.name} goes
        {answers > 0 ? `, with ${counted(answers, 'answer')} and all that follows from them` : ''}
        {groups.length > 0 ? `, and leaves ${namesInWords(groups)}` : ''}. You can undo it for ten minutes; after that
        it is gone for good.
      </Text>
      {elsewhere.length > 0 && (
        <Text mt="xs">The name also stands in {namesInWords(elsewhere)}. There it becomes “…”.</Text>
      )}
      {(found.data?.spellings ?? []).length > 0 && (
        <Checkbox.Group
          mt="xs"
          label="These may be the name too. Tick what is to go with it."
          value={[...also]}
          onChange={setAlso}
        >
          {found.data?.spellings.map(({ spelling, count }) => (
            <Checkbox
              key={spelling}
              mt={6}
              value={spelling}
              label={`“${spelling}”, in ${counted(count, 'text', 'texts')}`}
            />
          ))}
        </Checkbox.Group>
      )}
      <Text mt="xs" size="sm" className="quiet">
        Backups that were made before keep the name until newer ones take their place. Your data can remove them at
        once.
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
      title={`Remove ${group.name}?`}
      action={count ? `Remove with ${counted(count, 'session')}` : 'Remove'}
      busy={remove.isPending || sessions.isPending}
      onConfirm={() => remove.mutate(undefined)}
      onClose={onClose}
    >
      <Text>
        {count === undefined
          ? 'Its sessions go'
          : count === 0
            ? 'It has no sessions'
            : `Its ${counted(count, 'session')} go`}{' '}
        with it. The children and their answers stay.
      </Text>
    </Confirm>
  )
}
