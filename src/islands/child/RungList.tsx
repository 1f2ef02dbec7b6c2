import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Text, Title } from '@mantine/core'
import { IconChevronRight } from '@tabler/icons-react'
import { type Estimate, LEVEL_NAMES, levelOf, workedOn } from '../../core/knowing'
import { rungOf } from '../../core/teaching'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import type { ChildData } from '../../core/records'
import { LevelMark } from './LevelMark'
import { Details } from './RungDetails'
import { Fold } from '../../ui/Fold'
import './child.css'

/** Every rung in the school's order, then those beside it: in words how it stands. Those not met yet are folded. */
export function RungList({ data }: { data: ChildData }) {
  const { standing, child } = data.report
  const working = workedOn(standing, child.age)
  const all = [...standing.estimates, ...standing.beside]
  const isOpen = (estimate: Estimate) => levelOf(estimate) !== 'not-met' || estimate.rung === working
  const met = all.filter(isOpen)
  const notMet = all.filter((estimate) => !isOpen(estimate))
  const row = (estimate: Estimate) => (
    <RungRow
      key={estimate.rung}
      data={data}
      estimate={estimate}
      isWorking={estimate.rung === working}
      isDue={standing.due.includes(estimate.rung)}
    />
  )
  return (
    <section className="sheet" aria-label={t`Steps`}>
      <Title order={2} size="h4" mb={6}>{t`Steps`}</Title>
      <ol style={{ listStyle: 'none', margin: 0, padding: 0 }}>{met.map(row)}</ol>
      {notMet.length > 0 && (
        <Fold title={t`Not met yet: ${notMet.length} steps`}>
          <ol style={{ listStyle: 'none', margin: 0, padding: 0 }}>{notMet.map(row)}</ol>
        </Fold>
      )}
    </section>
  )
}

interface RungRowProps {
  readonly data: ChildData
  readonly estimate: Estimate
  readonly isWorking: boolean
  readonly isDue: boolean
}

function RungRow({ data, estimate, isWorking, isDue }: RungRowProps) {
  const { rung, overrule } = estimate
  const level = levelOf(estimate)
  const state = [
    said(LEVEL_NAMES[level]),
    overrule && (overrule.verdict === 'supposed' ? t`your guess` : t`marked by you`),
    isDue && t`due a reminder`,
  ]
    .filter(Boolean)
    .join(', ')
  return (
    <li style={{ borderTop: '1px solid var(--line)' }}>
      <details open={isWorking}>
        <summary className="rung-row">
          <IconChevronRight size={15} className="rung-open" aria-hidden />
          <Text span fw={isWorking ? 700 : 500} style={{ flex: 1 }}>
            {said(rungOf(rung).name)}
          </Text>
          <Text span size="sm" style={{ textAlign: 'right' }}>
            <LevelMark level={level} /> {state}
          </Text>
        </summary>
        <ErrorBoundary what={said(rungOf(rung).name)}>
          <Details data={data} estimate={estimate} />
        </ErrorBoundary>
      </details>
    </li>
  )
}
