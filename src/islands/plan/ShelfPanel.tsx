import { ENERGY_NAMES } from '../../core/activities'
import { saidAll } from '../../words/i18n'
import { said } from '#words'
import { t } from '@lingui/core/macro'
import { Anchor, Button, Group, Stack, Text } from '@mantine/core'
import { IconPlus } from '@tabler/icons-react'
import { planAfterAdd, shelf } from '../../core/planning'
import { StageTag } from '../../ui/StageTag'
import type { PlanState } from './usePlan'

/** The other activities for the rung. Those that fit come first; the others say what speaks against them. */
export function ShelfPanel({ state }: { state: PlanState }) {
  const { session, request } = state
  const entries = shelf(session.plan, request)
  if (entries.length === 0) return <Text size="sm">{t`Every activity for this step is in the plan.`}</Text>
  return (
    <>
      <Anchor href="/activities" size="sm">{t`All activities, and your own`}</Anchor>
      <Stack
        gap={6}
        component="ul"
        p={0}
        m={0}
        style={{ listStyle: 'none', maxHeight: 420, overflowY: 'auto' }}
        tabIndex={0}
        aria-label={t`More activities`}
      >
        {entries.map(({ activity, usualMinutes, but }) => (
          <Group key={activity.id} component="li" wrap="nowrap" gap="xs" justify="space-between">
            <div style={{ minWidth: 0 }}>
              <Group gap={6}>
                <Text span fw={600} size="sm">
                  {said(activity.name)}
                </Text>
                <StageTag stage={activity.stage} />
              </Group>
              <Text size="xs" className="quiet">
                {t`${usualMinutes} min`}, {said(ENERGY_NAMES[activity.energy])}
                {but.length > 0 && ` · ${saidAll(but).join(', ')}`}
              </Text>
            </div>
            <Button
              size="compact-md"
              variant={but.length === 0 ? 'light' : 'default'}
              leftSection={<IconPlus size={15} />}
              aria-label={t`Add ${said(activity.name)}`}
              onClick={() => state.setPlan(planAfterAdd(session.plan, activity, request))}
            >{t`Add`}</Button>
          </Group>
        ))}
      </Stack>
    </>
  )
}
