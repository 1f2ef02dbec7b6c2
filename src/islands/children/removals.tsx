import { Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { namesInWords } from '../../core/planning'
import type { ChildReport, Group, Session } from '../../core/records'
import { Confirm } from '../../ui/Confirm'
import { api } from '../../ui/api'
import { useChange } from './usePeople'

const counted = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`

/** Removing a child deletes all of the child's answers. The dialog says so first, with how many there are. */
export function RemoveChild({ report, onClose }: { report: ChildReport; onClose: () => void }) {
  const { child, answers, groups } = report
  const remove = useChange(() => api.remove(`/api/children/${child.id}`), onClose)
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
        {child.name} goes for good
        {answers > 0 ? `, with ${counted(answers, 'answer')} and all that follows from them` : ''}
        {groups.length > 0 ? `, and leaves ${namesInWords(groups)}` : ''}.
      </Text>
    </Confirm>
  )
}

/** Removing a group deletes its sessions. Its children and their answers stay. */
export function RemoveGroup({ group, onClose }: { group: Group; onClose: () => void }) {
  const sessions = useQuery({
    queryKey: ['sessions', group.id],
    queryFn: () => api.get<Session[]>(`/api/sessions?groupId=${group.id}`),
  })
  const remove = useChange(() => api.remove(`/api/groups/${group.id}`), onClose)
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
