import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { IconArrowBackUp } from '@tabler/icons-react'
import { useState } from 'react'
import { BENDS, type BendId, LONGEST_SESSION, type SessionPlan, sessionMinutesLeft } from '../../core/planning'
import type { Session, SessionContext } from '../../core/records'
import { untilReached } from '../../ui/later'
import type { EditState } from '../plan/useEdits'
import { presentTime } from '../../ui/dates'

/** The planner is fetched once the table stands, or when it is first needed. */
export const planner = { load: () => untilReached(() => import('./applyBend')) }

interface BendPanelProps {
  readonly state: EditState
  readonly context: SessionContext
  /** The step that is being held. */
  readonly at: string
  /** How long it has been held, in seconds. */
  readonly spentSeconds: number
}

/** A change of plan: the rest is planned anew within the minutes that are left, in one tap. */
export function BendPanel({ state, context, at, spentSeconds }: BendPanelProps) {
  const { session } = state
  const [typed, setTyped] = useState<string>()
  const [bent, setBent] = useState<{ says: string; before: Session; after: SessionPlan }>()
  const [now] = useState(presentTime)
  const shown = typed ?? String(sessionMinutesLeft(session, at, spentSeconds, now))
  const left = Number(shown)
  const isRight = Number.isInteger(left) && left >= 1 && left <= LONGEST_SESSION
  const bend = async (id: BendId) => {
    const { applyBend } = await planner.load()
    const spentMinutes = Math.floor(spentSeconds / 60)
    const { plan, place, says } = applyBend(context, session, { at, minutesLeft: left, spentMinutes }, id)
    setBent({ says: said(says), before: session, after: plan })
    setTyped(undefined)
    state.change({ ...session, plan, place })
  }
  return (
    <Stack gap={6} component="section" aria-label={t`Change of plan`}>
      <Text size="sm" fw={600}>{t`Change of plan`}</Text>
      <Group gap={6} align="start">
        <TextInput
          type="number"
          aria-label={t`Minutes left`}
          rightSection={<Text size="sm">{t`min left`}</Text>}
          rightSectionWidth={64}
          value={shown}
          error={isRight ? undefined : t`1 to ${LONGEST_SESSION}`}
          onChange={(event) => setTyped(event.currentTarget.value)}
          w={124}
        />
        {(Object.keys(BENDS) as BendId[]).map((id) => (
          <Button key={id} variant="default" px={8} disabled={!isRight} onClick={() => void bend(id)}>
            {said(BENDS[id])}
          </Button>
        ))}
      </Group>
      {bent?.after === session.plan && <Changed says={bent.says} onBack={() => state.change(bent.before)} />}
    </Stack>
  )
}

/** What was changed, and the way back. */
function Changed({ says, onBack }: { says: string; onBack: () => void }) {
  return (
    <Group className="sheet" justify="space-between" role="status" style={{ padding: '6px 14px' }}>
      <Text size="sm" style={{ flex: 1 }}>
        {says}
      </Text>
      <Button variant="subtle" leftSection={<IconArrowBackUp size={18} />} onClick={onBack}>{t`Undo`}</Button>
    </Group>
  )
}
