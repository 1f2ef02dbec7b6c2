import { Checkbox, NativeSelect, Stack, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { randomFrom } from '../../core/random'
import type { ChildReport } from '../../core/records'
import { type MisreadingId, asksOf, itemPool, misreadings, wrongAnswers } from '../../core/teaching'
import { api } from '../../ui/api'
import type { PrintState } from './usePrint'

/** Which misreadings the wrong choices lean to: chosen, or those that were found in a child. */
export function LuresFields({ state }: { state: PrintState }) {
  const { picked, set } = state
  const children =
    useQuery({ queryKey: ['children'], queryFn: () => api.get<ChildReport[]>('/api/children') }).data ?? []
  const possible = useMemo(() => showingOn(picked.rung), [picked.rung])
  // One that does not show on this rung stays to be seen, and taken back, while it is chosen.
  const shown = misreadings.filter((each) => possible.includes(each) || picked.lures.includes(each.id))
  const found = (report: ChildReport) => report.diagnosis.findings.map(({ misreading }) => misreading)
  const toggle = (id: MisreadingId, on: boolean) =>
    set({ lures: on ? [...picked.lures, id] : picked.lures.filter((each) => each !== id) })
  const from = (id: string) => {
    const report = children.find(({ child }) => child.id === id)
    if (report) set({ lures: found(report), owner: report.child.name })
  }
  const own = children.filter((report) => found(report).length > 0)
  return (
    <details>
      <summary>
        Wrong choices{picked.lures.length > 0 ? `: lean to ${picked.lures.length}` : ': any misreading'}
      </summary>
      <Stack gap={6} mt={6}>
        {own.length > 0 && (
          <NativeSelect
            label="As found in a child"
            value=""
            onChange={(event) => from(event.currentTarget.value)}
            data={[
              { value: '', label: 'choose a child' },
              ...own.map(({ child }) => ({ value: child.id, label: child.name })),
            ]}
          />
        )}
        {shown.map(({ id, does }) => (
          <Checkbox
            key={id}
            label={does}
            checked={picked.lures.includes(id)}
            onChange={(event) => toggle(id, event.currentTarget.checked)}
          />
        ))}
        {possible.length === 0 && (
          <Text size="sm">No misreading shows on this rung: wrong choices are times near by.</Text>
        )}
      </Stack>
    </details>
  )
}

/** Those that lead to a wrong answer on some question of the rung, as it is asked on paper. */
function showingOn(rung: PrintState['picked']['rung']) {
  const items = itemPool(randomFrom(1), { rung, ask: asksOf(rung)[0] ?? 'read' })
  return misreadings.filter((misreading) =>
    items.some((item) => wrongAnswers(misreading, item).some(({ kind }) => kind === item.answer.kind)),
  )
}
