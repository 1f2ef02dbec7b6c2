import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { activityOf } from '../../core/activities'
import { type PlanStep, doneWithin } from '../../core/planning'
import { type Settings, wordingOf } from '../../core/records'

interface LastsProps {
  readonly step: PlanStep
  readonly children: number
  readonly settings: Settings
}

/** Within how many minutes a game on a mat is nearly always done. */
export function Lasts({ step, children, settings }: LastsProps) {
  const { rung, minutes } = step
  const wish = { paper: settings.paper, wording: wordingOf(settings), rung, children, minutes }
  const within = doneWithin(activityOf(step), wish)
  return within === undefined ? null : (
    <Text size="sm">
      <Trans>9 in 10 times the mat is done within {within} min.</Trans>
    </Text>
  )
}
