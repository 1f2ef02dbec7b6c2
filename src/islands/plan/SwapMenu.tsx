import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import type { StepId } from '../../core/ids'
import { ActionIcon, Menu } from '@mantine/core'
import { IconArrowsExchange } from '@tabler/icons-react'
import { activityOf } from '../../core/activities'
import { planAfterSwap, shelf } from '../../core/planning'
import { StageTag } from '../../ui/StageTag'
import { useOwnMenu } from '../../ui/useOwnMenu'
import type { PlanState } from './usePlan'

interface SwapMenuProps {
  readonly stepId: StepId
  readonly name: string
  readonly state: PlanState
}

/** What could stand in a step's place, activities of the same stage first; open at first, since it was asked for. */
export function SwapMenu({ stepId, name, state }: SwapMenuProps) {
  const { target, menu } = useOwnMenu()
  return (
    <Menu position="bottom-end" {...menu}>
      <Menu.Target>
        <ActionIcon
          ref={target}
          variant="subtle"
          color="gray"
          size="lg"
          className="plan-swap"
          aria-label={t`Swap ${name}`}
          title={t`Swap it for another activity`}
        >
          <IconArrowsExchange size={18} color="var(--quiet)" />
        </ActionIcon>
      </Menu.Target>
      <Menu.Dropdown>
        <Entries stepId={stepId} state={state} />
      </Menu.Dropdown>
    </Menu>
  )
}

/** Reckoned only while the menu is open: every activity of the shelf is tried for it. */
function Entries({ stepId, state: { session, request, setPlan } }: Omit<SwapMenuProps, 'name'>) {
  const step = session.plan.steps.find((each) => each.id === stepId)
  const stage = step ? activityOf(step).stage : 'concrete'
  const entries = shelf(session.plan, request)
    .filter((entry) => entry.but.length === 0)
    .sort((a, b) => Number(b.activity.stage === stage) - Number(a.activity.stage === stage))
  if (entries.length === 0) return <Menu.Item disabled>{t`Nothing else on the shelf fits`}</Menu.Item>
  return entries.map(({ activity, usualMinutes }) => (
    <Menu.Item
      key={activity.id}
      rightSection={<StageTag stage={activity.stage} />}
      onClick={() => setPlan(planAfterSwap(session.plan, stepId, activity, request))}
    >
      <Trans>
        {said(activity.name)}, {usualMinutes} min
      </Trans>
    </Menu.Item>
  ))
}
