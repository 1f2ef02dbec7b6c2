import { inDecimals } from '../../words/adult'
import { said, saidAll } from '../../words/i18n'
import { datePart, told, type Told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Text } from '@mantine/core'
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
import { hasDialTimes, KIND_NAMES, type RungId, rungOf, wayOf } from '../../core/teaching'
import { api } from '../../ui/api'
import { calendarDay } from '../../ui/calendarDay'
import { dayOf, today } from '../../ui/dates'
import { later } from '../../ui/later'
import { type ChildData, type PrintWish, looksOf, wordingOf } from '../../core/records'
import { Fold } from '../../ui/Fold'
import { useChildChange } from './useChild'

const overruleForm = later(async () => (await import('./OverruleForm')).OverruleForm)

const tallies = (list: readonly Tally[], name: (at: number) => string) =>
  list.map(({ right, of }, at) => t`${name(at)} ${right} of ${of}`).join(', ')

/** What is behind a rung: what was right, what is missing, when it is due, and what the adult says of it. */
export function Details({ data, estimate }: { data: ChildData; estimate: Estimate }) {
  const { rung, byKind, byAsk, due, answers } = estimate
  const [now] = useState(Date.now)
  return (
    <div style={{ padding: '0 0 10px' }}>
      <Text size="sm">
        <Trans>The aim: {said(rungOf(rung).can)}.</Trans>
      </Text>
      <Verdict estimate={estimate} />
      <JudgedAnew answers={data.answers} estimate={estimate} />
      {estimate.firm && hasDialTimes(rung) && (
        <Text size="sm">
          <Anchor className="finger" href={certificateFor(data, estimate)} target="_blank">
            <Trans>Print a certificate to colour in</Trans>
          </Anchor>
        </Text>
      )}
      {due !== undefined && (
        <Text size="sm" className="quiet">
          {due < now ? t`Due since ${dayOf(due)}.` : t`Ask again on ${dayOf(due)}.`}
        </Text>
      )}
      {answers > 0 && <HelpsInUse data={data} rung={rung} />}
      {answers > 0 && (
        <Fold title={t`Figures`}>
          <Text size="sm" className="quiet">
            <Trans>
              The answers speak for secure with {inDecimals(estimate.followed.evidence.toFixed(1))}; {SECURE.threshold}{' '}
              is needed. Right: {tallies(byKind, (at) => said(KIND_NAMES[byKind[at]?.stage ?? 'concrete']))};{' '}
              {tallies(byAsk, (at) => said(wayOf(byAsk[at]?.ask ?? 'read').name))}.
            </Trans>
          </Text>
        </Fold>
      )}
      <OwnJudgement childId={data.report.child.id} estimate={estimate} />
    </div>
  )
}

/** So many clocks to read stand on a certificate. */
const CERTIFIED_CLOCKS = 4

/** The page for a step that is secure, in the group's language; with new clocks once there are new answers. */
function certificateFor({ report, settings }: ChildData, { rung, answers }: Estimate): string {
  const { paper } = settings
  const wish: PrintWish = {
    printable: 'certificate',
    options: {
      paper,
      ...looksOf(settings),
      wording: wordingOf(settings),
      rung,
      count: CERTIFIED_CLOCKS,
      owner: report.child.name,
      ...(report.child.picture && { picture: report.child.picture }),
    },
    seed: answers + 1,
  }
  return `/api/print.pdf?print=${encodeURIComponent(JSON.stringify(wish))}`
}

/** Since when it is secure, until when it was, and what is still missing. */
function Verdict({ estimate: { since, until, through, unmet } }: { estimate: Estimate }) {
  return (
    <>
      {since !== undefined && (
        <Text size="sm" className="quiet">
          {through
            ? t`Secure by the answers since ${calendarDay(since)}: “${said(rungOf(through).name)}” needs it, and is secure.`
            : t`Secure by the answers since ${calendarDay(since)}.`}
        </Text>
      )}
      {since === undefined && until !== undefined && (
        <Text size="sm">
          <Trans>Was secure until {calendarDay(until)}. Two of four answers were wrong then, so it comes back.</Trans>
        </Text>
      )}
      {unmet.length > 0 && (
        <Text size="sm" className="quiet">
          <Trans>Before we call it secure: {saidAll(unmet).join('; ')}.</Trans>
        </Text>
      )}
    </>
  )
}

/** Said in the language of whoever reads it, so only then. */
const EARLIER_RULE_DAY = datePart(today(new Date(EARLIER_RULE_UNTIL)))

const EARLIER_RULE = {
  lost: told(
    'Until {0} this was called secure. The rule of that time let a child pass who is right seven times in ten, so Ripe Acorn now waits for more right answers.',
    EARLIER_RULE_DAY,
  ),
  won: told(
    'Until {0} this was not called secure. The rule of that time looked at the last few answers most. All of them count now, the newest more.',
    EARLIER_RULE_DAY,
  ),
  through: told(
    'Until {0} this was not called secure, since only its own answers counted. Answers to later steps that need it count now.',
    EARLIER_RULE_DAY,
  ),
} as const satisfies Record<JudgedAnew, Told>

/** Why records from before the rule changed say something else now. */
function JudgedAnew({ answers, estimate }: { answers: ChildData['answers']; estimate: Estimate }) {
  const change = judgedAnew(answers, estimate)
  return change && !estimate.overrule && <Text size="sm">{said(EARLIER_RULE[change])}</Text>
}

/** Which helps the dial has for this child on this rung, and which one to fade or to bring back. */
function HelpsInUse({ data, rung }: { data: ChildData; rung: RungId }) {
  const found = data.report.diagnosis.findings.map(({ misreading }) => misreading)
  const { inUse, advice } = scaffoldsInUse(data.answers, rung, found)
  const names = inUse.length === 0 ? t`none` : inUse.map((id) => said(SCAFFOLD_NAMES[id])).join(', ')
  return (
    <Text size="sm" className="quiet">
      <Trans>Hints on the clock: {names}.</Trans>{' '}
      {advice.does === 'fade' && t`Fade: ${said(SCAFFOLD_NAMES[advice.scaffold])} (${said(advice.why)}).`}
      {advice.does === 'bring-back' && t`Bring back: ${said(SCAFFOLD_NAMES[advice.scaffold])} (${said(advice.why)}).`}
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
              ? t`You guessed on ${dayOf(overrule.at)} that it is known.`
              : overrule.verdict === 'firm'
                ? t`You marked it as known on ${dayOf(overrule.at)}.`
                : t`You marked it as not known yet on ${dayOf(overrule.at)}.`}{' '}
            {overrule.note && `“${overrule.note}”`}
          </Text>
          <Button
            size="compact-sm"
            variant="default"
            loading={change.isPending}
            onClick={() => say(null)}
          >{t`Undo`}</Button>
        </Group>
      )}
      {(!overrule || isGuess) && (
        <Button size="compact-sm" variant="default" mt={4} onClick={() => setAsking(firm ? 'not-firm' : 'firm')}>
          {firm ? t`Mark as not known yet` : t`Mark as known`}
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
