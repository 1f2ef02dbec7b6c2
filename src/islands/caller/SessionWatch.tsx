import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { SessionId } from '../../core/ids'
import { Refusal } from '../../ui/api'
import { sessionQuery } from '../../ui/queries'

const LOOK_MS = 20_000

/** Says when the session that a game belongs to was ended or removed on another screen. The game goes on. */
export function SessionWatch({ id }: { id: SessionId }) {
  const { data, error } = useQuery({ ...sessionQuery(id), refetchInterval: LOOK_MS, retry: false })
  if (error instanceof Refusal && error.status === 404)
    return (
      <Text role="status" className="caller-why">
        <Trans>
          This session was removed on another screen. Answers are still kept with the children; counts are not.
        </Trans>
      </Text>
    )
  if (!data || data.session.doneAt === null) return null
  return (
    <Text role="status" className="caller-why">
      <Trans>This session was ended on another screen. The game goes on, and what you take is still kept.</Trans>
    </Text>
  )
}
