import type { ChildId } from '../../core/ids'
import { Button, Group, Progress, Text, Title } from '@mantine/core'
import { IconCheck, IconChevronRight } from '@tabler/icons-react'
import { useState } from 'react'
import { type Estimate, type Tally, SCAFFOLD_NAMES, scaffoldsInUse } from '../../core/knowing'
import { type RungId, rungOf } from '../../core/teaching'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { api } from '../../ui/api'
import { dayOf } from '../../ui/dates'
import { later } from '../../ui/later'
import { ASK_NAMES, KIND_NAMES } from '../../ui/names'
import type { ChildData } from '../../core/records'
import { useChildChange } from './useChild'
import './child.css'

const overruleForm = later(async () => (await import('./OverruleForm')).OverruleForm)

/** Each rung of the school's order, and those beside it that were met: how sure, whether firm, what is missing. */
export function RungList({ data }: { data: ChildData }) {
  const { standing } = data.report
  const beside = standing.beside.filter((estimate) => estimate.answers > 0 || estimate.overrule)
  const row = (estimate: Estimate) => (
    <RungRow
      key={estimate.rung}
      data={data}
      estimate={estimate}
      isWorking={estimate.rung === standing.working}
      isDue={standing.due.includes(estimate.rung)}
    />
  )
  return (
    <section className="sheet" aria-label="Rungs">
      <Title order={2} size="h4" mb={6}>
        Rungs
      </Title>
      <ol style={{ listStyle: 'none', margin: 0, padding: 0 }}>{standing.estimates.map(row)}</ol>
      {beside.length > 0 && (
        <>
          <Title order={3} size="h5" mt="md" mb={6}>
            Beside the order
          </Title>
          <ol style={{ listStyle: 'none', margin: 0, padding: 0 }}>{beside.map(row)}</ol>
        </>
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
  const { rung, probability, firm, answers, overrule } = estimate
  const percent = Math.floor(probability * 100)
  const level = firm ? 'Known' : answers === 0 ? 'Not met yet' : `${percent} % sure`
  const state = [level, overrule && 'marked by you', isDue && 'due a reminder'].filter(Boolean).join(', ')
  return (
    <li style={{ borderTop: '1px solid var(--line)' }}>
      <details open={isWorking}>
        <summary className="rung-row">
          <IconChevronRight size={15} className="rung-open" aria-hidden />
          <Text span fw={isWorking ? 700 : 500} style={{ flex: '0 0 185px' }}>
            {rungOf(rung).name}
          </Text>
          <Progress
            value={answers === 0 ? 0 : percent}
            color="moss"
            style={{ flex: 1 }}
            aria-label={`${rungOf(rung).name}: ${state}`}
          />
          <Text span size="sm" style={{ flex: '0 0 180px', textAlign: 'right' }}>
            {firm && <IconCheck size={15} color="var(--moss)" aria-hidden style={{ verticalAlign: -2 }} />} {state}
          </Text>
        </summary>
        <ErrorBoundary what={rungOf(rung).name}>
          <Details data={data} estimate={estimate} />
        </ErrorBoundary>
      </details>
    </li>
  )
}

const tallies = (list: readonly Tally[], name: (at: number) => string) =>
  list
    .map(({ right, of, probability }, at) => `${name(at)} ${right} of ${of} (${Math.floor(probability * 100)} % sure)`)
    .join(', ')

/** What is behind a rung: what was right, what is missing, when it is due, and what the adult says of it. */
function Details({ data, estimate }: { data: ChildData; estimate: Estimate }) {
  const { rung, unmet, byKind, byAsk, due, answers } = estimate
  const [now] = useState(Date.now)
  return (
    <div style={{ padding: '0 0 10px' }}>
      <Text size="sm">Can: {rungOf(rung).can}.</Text>
      {answers > 0 && (
        <Text size="sm" className="quiet">
          Right: {tallies(byKind, (at) => KIND_NAMES[byKind[at]?.stage ?? 'concrete'])};{' '}
          {tallies(byAsk, (at) => ASK_NAMES[byAsk[at]?.ask ?? 'read'])}.
        </Text>
      )}
      {unmet.length > 0 && (
        <Text size="sm" className="quiet">
          Before we call it secure: {unmet.join('; ')}.
        </Text>
      )}
      {due !== undefined && (
        <Text size="sm" className="quiet">
          {due < now ? 'Due since' : 'Ask again on'} {dayOf(due)}.
        </Text>
      )}
      {answers > 0 && <HelpsInUse data={data} rung={rung} />}
      <OwnJudgement childId={data.report.child.id} estimate={estimate} />
    </div>
  )
}

/** Which helps the dial has for this child on this rung, and which one to fade or to bring back. */
function HelpsInUse({ data, rung }: { data: ChildData; rung: RungId }) {
  const found = data.report.diagnosis.findings.map(({ misreading }) => misreading)
  const { inUse, advice } = scaffoldsInUse(data.answers, rung, found)
  const names = inUse.length === 0 ? 'none' : inUse.map((id) => SCAFFOLD_NAMES[id]).join(', ')
  const next =
    advice.does === 'keep'
      ? ''
      : `; ${advice.does === 'fade' ? 'fade' : 'bring back'} ${SCAFFOLD_NAMES[advice.scaffold]}: ${advice.why}`
  return (
    <Text size="sm" className="quiet">
      Helps on the dial: {names}
      {next}.
    </Text>
  )
}

/** The adult who knows better than the reckoning says so, or takes it back. */
function OwnJudgement({ childId, estimate: { rung, firm, overrule } }: { childId: ChildId; estimate: Estimate }) {
  const [asking, setAsking] = useState<'firm' | 'not-firm'>()
  const change = useChildChange(childId, () => setAsking(undefined))
  const say = (verdict: 'firm' | 'not-firm' | null, note = '') =>
    change.mutate(() => api.put(`/api/children/${childId}/overrule`, { rung, verdict, note }))
  return (
    <>
      {overrule ? (
        <Group gap="xs" mt={4}>
          <Text size="sm">
            You marked it as {overrule.verdict === 'firm' ? 'known' : 'not known yet'} on {dayOf(overrule.at)}
            {overrule.note ? `: “${overrule.note}”` : ''}.
          </Text>
          <Button size="compact-sm" variant="default" loading={change.isPending} onClick={() => say(null)}>
            Take that back
          </Button>
        </Group>
      ) : (
        <Button size="compact-sm" variant="default" mt={4} onClick={() => setAsking(firm ? 'not-firm' : 'firm')}>
          {firm ? 'Mark as not known yet' : 'Mark as known'}
        </Button>
      )}
      {asking && (
        <overruleForm.Part
          rung={rung}
          verdict={asking}
          busy={change.isPending}
          onSay={(note) => say(asking, note)}
          onClose={() => setAsking(undefined)}
        />
      )}
    </>
  )
}
