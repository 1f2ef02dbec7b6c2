import { Button, Group, Text } from '@mantine/core'
import { useState } from 'react'
import type { ChildId } from '../../core/ids'
import {
  EARLIER_RULE_UNTIL,
  type Estimate,
  type JudgedAnew,
  judgedAnew,
  SCAFFOLD_NAMES,
  SECURE,
  scaffoldsInUse,
  type Tally,
} from '../../core/knowing'
import { KIND_NAMES, type RungId, rungOf, wayOf } from '../../core/teaching'
import { api } from '../../ui/api'
import { calendarDay } from '../../ui/calendarDay'
import { dayOf } from '../../ui/dates'
import { later } from '../../ui/later'
import type { ChildData } from '../../core/records'
import { Fold } from '../../ui/Fold'
import { useChildChange } from './useChild'

const overruleForm = later(async () => (await import('./OverruleForm')).OverruleForm)

const tallies = (list: readonly Tally[], name: (at: number) => string) =>
  list.map(({ right, of }, at) => `${name(at)} ${right} of ${of}`).join(', ')

/** What is behind a rung: what was right, what is missing, when it is due, and what the adult says of it. */
export function Details({ data, estimate }: { data: ChildData; estimate: Estimate }) {
  const { rung, byKind, byAsk, due, answers } = estimate
  const [now] = useState(Date.now)
  return (
    <div style={{ padding: '0 0 10px' }}>
      <Text size="sm">The aim: {rungOf(rung).can}.</Text>
      <Verdict estimate={estimate} />
      <JudgedAnew answers={data.answers} estimate={estimate} />
      {due !== undefined && (
        <Text size="sm" className="quiet">
          {due < now ? 'Due since' : 'Ask again on'} {dayOf(due)}.
        </Text>
      )}
      {answers > 0 && <HelpsInUse data={data} rung={rung} />}
      {answers > 0 && (
        <Fold title="Figures">
          <Text size="sm" className="quiet">
            The answers speak for secure with {estimate.followed.evidence.toFixed(1)}; {SECURE.threshold} is needed.
            Right: {tallies(byKind, (at) => KIND_NAMES[byKind[at]?.stage ?? 'concrete'])};{' '}
            {tallies(byAsk, (at) => wayOf(byAsk[at]?.ask ?? 'read').name)}.
          </Text>
        </Fold>
      )}
      <OwnJudgement childId={data.report.child.id} estimate={estimate} />
    </div>
  )
}

/** Since when it is secure, until when it was, and what is still missing. */
function Verdict({ estimate: { since, until, through, unmet } }: { estimate: Estimate }) {
  return (
    <>
      {since !== undefined && (
        <Text size="sm" className="quiet">
          Secure by the answers since {calendarDay(since)}
          {through && `: “${rungOf(through).name}” needs it, and is secure`}.
        </Text>
      )}
      {since === undefined && until !== undefined && (
        <Text size="sm">
          Was secure until {calendarDay(until)}. Two of four answers were wrong then, so it comes back.
        </Text>
      )}
      {unmet.length > 0 && (
        <Text size="sm" className="quiet">
          Before we call it secure: {unmet.join('; ')}.
        </Text>
      )}
    </>
  )
}

const EARLIER_RULE = {
  lost:
    `Until ${dayOf(EARLIER_RULE_UNTIL)} this was called secure. The rule of that time let a child pass who is right ` +
    'seven times in ten, so Ripe Acorn now waits for more right answers.',
  won:
    `Until ${dayOf(EARLIER_RULE_UNTIL)} this was not called secure. The rule of that time looked at the last few ` +
    'answers most. All of them count now, the newest more.',
  through:
    `Until ${dayOf(EARLIER_RULE_UNTIL)} this was not called secure, since only its own answers counted. ` +
    'Answers to later steps that need it count now.',
} as const satisfies Record<JudgedAnew, string>

/** Why records from before the rule changed say something else now. */
function JudgedAnew({ answers, estimate }: { answers: ChildData['answers']; estimate: Estimate }) {
  const change = judgedAnew(answers, estimate)
  return change && !estimate.overrule && <Text size="sm">{EARLIER_RULE[change]}</Text>
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
      Hints on the clock: {names}
      {next}.
    </Text>
  )
}

/** The adult who knows better than the reckoning says so, or takes it back. */
function OwnJudgement({ childId, estimate: { rung, firm, overrule } }: { childId: ChildId; estimate: Estimate }) {
  const [asking, setAsking] = useState<'firm' | 'not-firm'>()
  const change = useChildChange(childId, () => setAsking(undefined))
  // A guess stands in nobody's way: the adult can judge beside it.
  const isGuess = overrule?.verdict === 'supposed'
  const say = (verdict: 'firm' | 'not-firm' | null, note = '') =>
    change.mutate(() => api.put(`/api/children/${childId}/overrule`, { rung, verdict, note }))
  return (
    <>
      {overrule && (
        <Group gap="xs" mt={4}>
          <Text size="sm">
            {isGuess
              ? `You guessed on ${dayOf(overrule.at)} that it is known`
              : `You marked it as ${overrule.verdict === 'firm' ? 'known' : 'not known yet'} on ${dayOf(overrule.at)}`}
            {overrule.note ? `: “${overrule.note}”` : ''}.
          </Text>
          <Button size="compact-sm" variant="default" loading={change.isPending} onClick={() => say(null)}>
            Undo
          </Button>
        </Group>
      )}
      {(!overrule || isGuess) && (
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
