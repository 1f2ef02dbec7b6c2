import { capital } from '../../core/wording'
import { said } from '../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Stack, Text, Title } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useMemo, useState } from 'react'
import { mendedBy } from '../../core/activities'
import {
  DIAGNOSIS,
  type Finding,
  type Standpoint,
  findingInWords,
  questionToTell,
  whyNot,
  toldOdds,
} from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import { type MisreadingId, misreadingOf, misreadings, saidToChild } from '../../core/teaching'
import { AnswerLine } from '../../ui/AnswerLine'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { calendarDay } from '../../ui/calendarDay'
import { questionInWords } from '../../ui/questions'
import { Fold } from '../../ui/Fold'
import type { ChildData } from '../../core/records'

const MOST_EVIDENCE = 8

/** What the mistakes have in common, with the answers that speak for it and what mends it. */
export function Findings({ data }: { data: ChildData }) {
  const { report, settings } = data
  const { enough, guesses, findings, past } = report.diagnosis
  return (
    <section className="sheet" aria-label={t`Pattern in the mistakes`}>
      <Title order={2} size="h4" mb={6}>{t`Pattern in the mistakes`}</Title>
      {!enough && (
        <Text>
          {t`${plural(report.answers, {
            one: 'Too early to say: # answer so far. A quick check of ten says more.',
            other: 'Too early to say: # answers so far. A quick check of ten says more.',
          })}`}
        </Text>
      )}
      {guesses && <Text fw={700}>{t`The latest answers look like guesses: play first, ask later.`}</Text>}
      {enough && !guesses && findings.length === 0 && (
        <Text>{t`Nothing in common so far: what was wrong looks like slips.`}</Text>
      )}
      {findings.map((finding) => (
        <OneFinding key={finding.misreading} finding={finding} settings={settings} />
      ))}
      {past.map((each) => (
        <Text key={each.misreading} size="sm" className="quiet" mt={4}>
          <Trans>
            Until {calendarDay(each.until)}: {said(findingInWords(each))}. It has not shown since.
          </Trans>
        </Text>
      ))}
      <WhyNot data={data} />
    </section>
  )
}

function OneFinding({ finding, settings }: { finding: Finding; settings: Settings }) {
  const found = said(findingInWords(finding))
  const telling = useMemo(() => questionToTell(finding), [finding])
  const newest = [...finding.evidence].sort((a, b) => b.at - a.at).slice(0, MOST_EVIDENCE)
  return (
    <div style={{ borderTop: '1px solid var(--line)', padding: '8px 0' }}>
      <Text fw={700}>{capital(found)}.</Text>
      {telling && (
        <Text>
          <Trans>To tell them apart: {questionInWords(telling.item, wordingOf(settings))}.</Trans>
        </Text>
      )}
      <Text mt={4}>
        <Trans>Say: “{saidToChild(finding.misreading, settings.language)}”</Trans>
      </Text>
      <Text size="sm">
        <Trans>Try this: {said(mendedBy(finding.misreading))}</Trans>
      </Text>
      <Fold title={t`Why? Show the answers`}>
        <ErrorBoundary what={t`The answers`}>
          <Stack gap={6} mt={6}>
            <Text size="sm" className="quiet">
              <Trans>
                {oddsInWords(finding.odds)}: {finding.evidence.length} answers speak for it, {finding.against} could
                have shown it and did not.
              </Trans>
            </Text>
            {newest.map((answer) => (
              <AnswerLine key={answer.id} answer={answer} settings={settings} />
            ))}
            {finding.evidence.length > newest.length && (
              <Text size="sm" className="quiet">
                <Trans>and {finding.evidence.length - newest.length} earlier ones</Trans>
              </Text>
            )}
          </Stack>
        </ErrorBoundary>
      </Fold>
    </div>
  )
}

/** "Why not?" for any misreading: how the answers stand to it, with those for and against. */
function WhyNot({ data }: { data: ChildData }) {
  const [id, setId] = useState<MisreadingId | ''>('')
  const point = useMemo(() => (id ? whyNot(data.answers, id) : undefined), [id, data.answers])
  const named = data.report.diagnosis.findings.map(({ misreading }) => misreading)
  return (
    <div style={{ borderTop: '1px solid var(--line)', paddingTop: 8 }}>
      <Choice
        label={t`Why not something else?`}
        value={id}
        onChange={setId}
        data={[
          { value: '', label: t`Pick what you suspect` },
          ...misreadings
            .filter((each) => !named.includes(each.id))
            .map((each) => ({ value: each.id, label: said(each.does) })),
        ]}
      />
      {point && (
        <Stack gap={6} mt={6} role="status">
          <Text>{standpointInWords(point)}</Text>
          {[...point.speakFor, ...point.speakAgainst].slice(0, MOST_EVIDENCE).map((answer) => (
            <AnswerLine key={answer.id} answer={answer} settings={data.settings} />
          ))}
        </Stack>
      )}
    </div>
  )
}

function standpointInWords({ odds, speakFor, speakAgainst, explainedBy, misreading }: Standpoint): string {
  const first =
    explainedBy.length > 0
      ? t`Other answers like it are explained first by: ${explainedBy.map((id) => said(misreadingOf(id).does)).join('; ')}.`
      : ''
  if (speakFor.length + speakAgainst.length === 0)
    return `${t`No answer so far could have shown it: ${said(misreadingOf(misreading).does)}.`} ${first}`
  const standing = t`${oddsInWords(odds)}, where ${DIAGNOSIS.namedOdds} to 1 and ${DIAGNOSIS.leastEvidence} answers are needed: ${speakFor.length} speak for it, ${speakAgainst.length} could have shown it and did not.`
  return `${standing} ${first}`
}

function oddsInWords(odds: number): string {
  const told = toldOdds(odds)
  if (told.is === 'almost certain') return t`Almost certain`
  return told.is === 'for' ? t`About ${told.to} to 1` : t`About 1 to ${told.to}`
}
