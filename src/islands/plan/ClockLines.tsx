import { adultsWording } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import { type SessionRequest, clockAmounts } from '../../core/planning'

/** What the clocks from the Workbench take, beside what is ticked. */
export function ClockLines({ request }: { request: SessionRequest }) {
  const lines = clockAmounts(request, adultsWording())
  if (lines.length === 0) return null
  return (
    <div>
      <Text size="sm" fw={600}>{t`For the clocks from the Workbench`}</Text>
      <ul style={{ margin: 0, paddingLeft: 20, fontSize: 14 }} aria-label={t`For the clocks`}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  )
}
