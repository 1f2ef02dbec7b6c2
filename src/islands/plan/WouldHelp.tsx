import { capital } from '../../core/wording'
import { said, saidAll } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { type Help, whatWouldHelp } from '../../core/planning'
import { AskButton } from './AskButton'
import type { PlanState } from './usePlan'

/** What one change would buy, where a plan gives something up. Worked out when it is asked for. */
export function WouldHelp({ state }: { state: PlanState }) {
  const { session, request } = state
  const look = (): { helps: readonly Help[]; of: typeof session.plan } => {
    const locked = session.plan.steps.filter((step) => step.locked)
    return { helps: whatWouldHelp(session.plan, request, { seed: session.seed, locked }), of: session.plan }
  }
  // It was asked for when this came; after a change of the plan it is asked for again.
  const [found, setFound] = useState(look)
  if (found.of !== session.plan) return <AskButton onClick={() => setFound(look())} />
  if (found.helps.length === 0)
    return (
      <Text size="sm">{t`No single change would help: neither a few minutes, one more thing, nor another place.`}</Text>
    )
  return (
    <Stack gap={6} component="ul" p={0} m={0} style={{ listStyle: 'none' }} aria-label={t`What would help`}>
      {found.helps.map(({ change, holds, request: then, plan }) => (
        <Group key={said(change)} component="li" justify="space-between" wrap="nowrap">
          <Text size="sm">
            <strong>{capital(said(change))}:</strong> {saidAll(holds).join(' ')}
          </Text>
          <Button
            size="compact-md"
            variant="light"
            style={{ flex: 'none' }}
            onClick={() =>
              state.change({ ...session, minutes: then.minutes, place: then.place, materials: then.materials, plan })
            }
          >{t`Change it`}</Button>
        </Group>
      ))}
    </Stack>
  )
}
