import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import type { PlanState } from './usePlan'

/** A plan that was edited here without a connection, and meanwhile elsewhere: the adult chooses. */
export function PlanClash({ state }: { state: PlanState }) {
  return (
    <Group className="sheet sheet-attention" role="alert" justify="space-between">
      <Text>
        <Trans>
          You changed this plan here without a connection, and it was changed elsewhere since. The other one is shown.
        </Trans>
      </Text>
      <Group gap="xs">
        <Button variant="default" onClick={state.keepTheirs}>{t`Keep the one that is shown`}</Button>
        <Button onClick={state.takeMine}>{t`Take mine`}</Button>
      </Group>
    </Group>
  )
}
