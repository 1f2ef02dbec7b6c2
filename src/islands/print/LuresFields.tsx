import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Checkbox, Stack, Text } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { leaningOn } from '../../core/knowing'
import { randomFrom } from '../../core/random'
import type { ChildReport } from '../../core/records'
import { type MisreadingId, asksOf, itemPool, misreadings, wrongAnswers } from '../../core/teaching'
import { api } from '../../ui/api'
import { Fold } from '../../ui/Fold'
import type { PrintState } from './usePrint'

/** Which misreadings the wrong choices lean to: chosen, or those that were found in a child. */
export function LuresFields({ state }: { state: PrintState }) {
  const { picked, choose } = state
  const picks = Object.keys(picked.choices.weights ?? {}) as MisreadingId[]
  const lean = (ids: readonly MisreadingId[], owner?: string) =>
    choose({ weights: leaningOn(ids), ...(owner !== undefined && { owner }) })
  const children =
    useQuery({ queryKey: ['children'], queryFn: () => api.get<ChildReport[]>('/api/children') }).data ?? []
  const possible = useMemo(() => showingOn(picked.rung), [picked.rung])
  // One that does not show on this rung stays to be seen, and taken back, while it is chosen.
  const shown = misreadings.filter((each) => possible.includes(each) || picks.includes(each.id))
  const found = (report: ChildReport) => report.diagnosis.findings.map(({ misreading }) => misreading)
  const toggle = (id: MisreadingId, on: boolean) => lean(on ? [...picks, id] : picks.filter((each) => each !== id))
  const from = (id: string) => {
    const report = children.find(({ child }) => child.id === id)
    if (report) lean(found(report), report.child.name)
  }
  const own = children.filter((report) => found(report).length > 0)
  return (
    <Fold title={picks.length > 0 ? t`Wrong choices: lean to ${picks.length}` : t`Wrong choices: any common mistake`}>
      <Stack gap={6} mt={6}>
        {own.length > 0 && (
          <Choice
            label={t`As found in a child`}
            value=""
            onChange={from}
            data={[
              { value: '', label: t`choose a child` },
              ...own.map(({ child }) => ({ value: child.id, label: child.name })),
            ]}
          />
        )}
        {shown.map(({ id, does }) => (
          <Checkbox
            key={id}
            label={said(does)}
            checked={picks.includes(id)}
            onChange={(event) => toggle(id, event.currentTarget.checked)}
          />
        ))}
        {possible.length === 0 && (
          <Text size="sm">{t`No common mistake shows on this step: wrong choices are times near by.`}</Text>
        )}
      </Stack>
    </Fold>
  )
}

/** Those that lead to a wrong answer on some question of the rung, as it is asked on paper. */
function showingOn(rung: PrintState['picked']['rung']) {
  const items = itemPool(randomFrom(1), { rung, ask: asksOf(rung)[0] ?? 'read' })
  return misreadings.filter((misreading) =>
    items.some((item) => wrongAnswers(misreading, item).some(({ kind }) => kind === item.answer.kind)),
  )
}
