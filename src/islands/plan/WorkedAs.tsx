import { labelled, said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Group, Text } from '@mantine/core'
import { useMemo, useState } from 'react'
import { MOST_HELPERS, planWithStations, stationsThatFit, workingRung } from '../../core/planning'
import { Choice } from '../../ui/Choice'
import { Segments } from '../../ui/Segments'
import type { PlanState } from './usePlan'

const WORKED_AS = [
  { value: 'group', label: told('Whole group') },
  { value: 'stations', label: told('Stations') },
] as const
const HELPERS = Array.from({ length: MOST_HELPERS + 1 }, (_, i) => ({ value: String(i), label: String(i) }))

/** Whether all work together, or in teams that go round stations. Only as many stations are offered as fit. */
export function WorkedAs({ state }: { state: PlanState }) {
  const { session, request } = state
  const made = session.plan.steps.find(({ stations }) => stations)?.stations
  const [helpers, setHelpers] = useState(() => made?.list.filter(({ led }) => led === 'helper').length ?? 0)
  const seed = session.seed + state.changes
  const { counts, why } = useMemo(
    () => stationsThatFit(session.plan, request, { helpers, seed }),
    [session.plan, request, helpers, seed],
  )
  const rungs = new Set(request.children.map((child) => workingRung(child, request))).size
  const make = (count: number, withHelpers = helpers) =>
    state.setPlan(planWithStations(session.plan, request, { count, helpers: withHelpers, seed }))
  const choose = (as: 'group' | 'stations') => {
    if (as === 'group') state.rebuild()
    else if (counts.length > 0) make(counts.filter((count) => count <= Math.max(rungs, 2)).at(-1) ?? counts[0] ?? 2)
  }
  const changeHelpers = (count: number) => {
    setHelpers(count)
    const { counts: fitting } = stationsThatFit(session.plan, request, { helpers: count, seed })
    const kept = fitting.includes(made?.list.length ?? 0) ? made?.list.length : fitting[0]
    if (kept !== undefined) make(kept, count)
  }
  return (
    <Group gap="sm" align="center" component="section" aria-label={t`How they work`}>
      <Segments
        aria-label={t`How they work`}
        value={made ? 'stations' : 'group'}
        onChange={choose}
        data={labelled(counts.length > 0 || made ? WORKED_AS : WORKED_AS.slice(0, 1))}
      />
      {made && (
        <>
          <Choice
            label={t`How many`}
            value={String(made.list.length)}
            data={[...new Set([...counts, made.list.length])].sort().map((count) => listed(count))}
            onChange={(count) => make(Number(count))}
            w={90}
          />
          <Choice
            label={t`Helpers beside you`}
            value={String(helpers)}
            data={HELPERS}
            onChange={(count) => changeHelpers(Number(count))}
            w={150}
          />
        </>
      )}
      <Text size="sm" className="quiet">
        {sentence({ rungs, isMade: made !== undefined, why: why && said(why) })}
      </Text>
    </Group>
  )
}

const listed = (count: number) => ({ value: String(count), label: String(count) })

interface WorkedFacts {
  /** On how many different rungs the children are. */
  readonly rungs: number
  readonly isMade: boolean
  /** Why no stations fit. */
  readonly why: string | undefined
}

function sentence({ rungs, isMade, why }: WorkedFacts): string {
  if (why !== undefined && !isMade) return t`Stations do not fit: ${why}.`
  if (rungs > 1) return t`They are on ${rungs} different steps. At stations each team works on its own.`
  return t`All are on the same step. Stations keep teams small.`
}
