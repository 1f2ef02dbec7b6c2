import { said } from '../../words/i18n'
import { plural, t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, SimpleGrid, Text } from '@mantine/core'
import { mendedBy } from '../../core/activities'
import { type Answer, findingInWords } from '../../core/knowing'
import type { ChildReport, Settings } from '../../core/records'
import { AnswerLine } from '../../ui/AnswerLine'

const MOST_SHOWN = 4

/**
 * One child in one session: how many answers were right, which were wrong, their pattern so far, and what comes next.
 */
export function ChildRecord({
  report,
  answers,
  settings,
}: {
  report: ChildReport
  answers: readonly Answer[]
  settings: Settings
}) {
  const { child, readiness, diagnosis } = report
  const wrong = answers.filter((answer) => !answer.right)
  const finding = diagnosis.findings[0]
  return (
    <div style={{ borderTop: '1px solid var(--line)', paddingTop: 8 }}>
      <Text className="anywhere">
        <Trans>
          <Anchor href={`/children/${child.id}`} fw={700}>
            {child.name}
          </Anchor>{' '}
          {answers.length - wrong.length} of {answers.length} right. {said(readiness)}
        </Trans>
      </Text>
      {finding && (
        <Text size="sm" c="var(--attention)">
          <Trans>
            The same mistake: {said(findingInWords(finding))}. Next time: {said(mendedBy(finding.misreading))}.
          </Trans>
        </Text>
      )}
      {wrong.length > 0 && (
        <SimpleGrid cols={{ base: 1, sm: 2 }} spacing={6} mt={6}>
          {wrong.slice(0, MOST_SHOWN).map((answer) => (
            <AnswerLine key={answer.id} answer={answer} settings={settings} />
          ))}
        </SimpleGrid>
      )}
      {wrong.length > MOST_SHOWN && (
        <Text size="sm" className="quiet">
          {t`${plural(wrong.length - MOST_SHOWN, { one: 'and # more wrong one', other: 'and # more wrong ones' })}`}
        </Text>
      )}
    </div>
  )
}
