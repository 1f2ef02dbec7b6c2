import { Button, Group, Stack, Text } from '@mantine/core'
import { IconArrowBackUp } from '@tabler/icons-react'
import { useState } from 'react'
import { BENDS, type BendId, LONGEST_SESSION, type SessionPlan, bendPlan, plannedMinutes } from '../../core/planning'
import { MinutesField } from '../plan/SessionFieldsRow'
import type { PlanState } from '../plan/usePlan'
import { minutesLeft } from './minutesLeft'

interface BendPanelProps {
  readonly state: PlanState
  /** The step that is being held. */
  readonly at: string
  /** How long it has been held, in seconds. */
  readonly spentSeconds: number
}

/** Something came between: the rest is planned anew within the minutes that are left, in one tap. */
export function BendPanel({ state, at, spentSeconds }: BendPanelProps) {
  const { session, request } = state
  const [typed, setTyped] = useState<number>()
  const [bent, setBent] = useState<{ says: string; before: SessionPlan; after: SessionPlan }>()
  const [now] = useState(() => new Date())
  const left = typed ?? minutesLeft(session, at, spentSeconds, now)
  const bend = (id: BendId) => {
    const before = session.plan
    const { plan, says } = bendPlan({ plan: before, request, at, minutesLeft: left }, id)
    setBent({ says, before, after: plan })
    setTyped(undefined)
    state.setPlan(plan)
  }
  return (
    <Stack gap={6} component="section" aria-label="Something came between">
      <Group gap={6}>
        <MinutesField
          key={`${at} ${plannedMinutes(session.plan)}`}
          label="Minutes left"
          hidden
          suffix=" min left"
          value={left}
          least={1}
          most={LONGEST_SESSION}
          onChange={setTyped}
          width={116}
        />
        {(Object.keys(BENDS) as BendId[]).map((id) => (
          <Button key={id} variant="default" px={8} aria-label={BENDS[id].says} onClick={() => bend(id)}>
            {BENDS[id].short}
          </Button>
        ))}
      </Group>
      {bent?.after === session.plan && (
        <Group className="sheet" justify="space-between" role="status" style={{ padding: '6px 14px' }}>
          <Text size="sm" style={{ flex: 1 }}>
            {bent.says}
          </Text>
          <Button
            variant="subtle"
            leftSection={<IconArrowBackUp size={18} />}
            onClick={() => {
              state.setPlan(bent.before)
              setBent(undefined)
            }}
          >
            As it was
          </Button>
        </Group>
      )}
    </Stack>
  )
}
