import { Button, Group, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { attempt } from '../../core/errors'
import { FEWEST_STATIONS, MOST_HELPERS, MOST_STATIONS, planWithStations, workingRung } from '../../core/planning'
import { Choice } from '../../ui/Choice'
import type { PlanState } from './usePlan'

const from = (least: number, most: number) =>
  Array.from({ length: most - least + 1 }, (_, i) => ({ value: String(least + i), label: String(least + i) }))

/**
 * Children at different rungs go round stations in teams, after the opening; made in one touch, and undone like any
 * change.
 */
export function StationsPanel({ state }: { state: PlanState }) {
  const { session, request } = state
  const rungs = new Set(request.children.map((child) => workingRung(child, request))).size
  const [count, setCount] = useState(String(Math.min(MOST_STATIONS, Math.max(FEWEST_STATIONS, rungs))))
  const [helpers, setHelpers] = useState('0')
  const [refused, setRefused] = useState<string>()
  const make = () => {
    const wish = { count: Number(count), helpers: Number(helpers), seed: session.seed + state.changes }
    const { value, refusal } = attempt(() => planWithStations(session.plan, request, wish))
    setRefused(refusal?.message)
    if (value) state.setPlan(value)
  }
  return (
    <Stack gap="xs" className="sheet" component="section" aria-label="Work in stations">
      <Text size="sm">
        {rungs > 1
          ? `They are on ${rungs} different rungs. In stations each team works on its own.`
          : 'All are on the same rung. Stations keep teams small.'}
      </Text>
      <Group gap="xs" align="end">
        <Choice label="Stations" value={count} data={from(FEWEST_STATIONS, MOST_STATIONS)} onChange={setCount} w={90} />
        <Choice label="Helpers beside you" value={helpers} data={from(0, MOST_HELPERS)} onChange={setHelpers} w={150} />
        <Button variant="light" onClick={make}>
          Make stations
        </Button>
      </Group>
      {refused && (
        <Text size="sm" role="alert" c="var(--attention)">
          {refused}.
        </Text>
      )}
    </Stack>
  )
}
