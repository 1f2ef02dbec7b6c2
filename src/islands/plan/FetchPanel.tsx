import { Checkbox, Stack, Text } from '@mantine/core'
import { fetchInWords, fetchList } from '../../core/planning'
import type { PlanState } from './usePlan'

/** One list of what to fetch. What is ticked is there, and the checks follow it. */
export function FetchPanel({ state }: { state: PlanState }) {
  const { session, request } = state
  const entries = fetchList(session.plan, request)
  if (entries.length === 0) return <Text size="sm">Nothing has to be fetched.</Text>
  const toggle = (material: (typeof entries)[number]['material'], toHand: boolean) => {
    const others = session.materials.filter((each) => each !== material)
    state.setFields({ materials: toHand ? [...others, material] : others })
  }
  return (
    <Stack gap="xs">
      <Text size="sm" className="quiet">
        For {request.children.length} {request.children.length === 1 ? 'child' : 'children'}. Tick what you have.
      </Text>
      {entries.map((entry) => (
        <Checkbox
          key={entry.material}
          checked={entry.toHand}
          onChange={(event) => toggle(entry.material, event.currentTarget.checked)}
          label={fetchInWords(entry)}
          description={entry.for.join(', ')}
          styles={{ description: { color: 'var(--quiet)' } }}
        />
      ))}
    </Stack>
  )
}
