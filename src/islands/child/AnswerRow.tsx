import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Text, Table } from '@mantine/core'
import type { Answer } from '../../core/knowing'
import { type AnswerChange, type ChildData, type Settings, wordingOf } from '../../core/records'
import { explain, misreadingOf, rungOf, sayAnswer, wayOf } from '../../core/teaching'
import { api } from '../../ui/api'
import { momentInWords } from '../../ui/dates'
import { useChildChange } from './useChild'

interface AnswerRowProps {
  readonly answer: Answer
  readonly settings: Settings
  readonly onChange: () => void
}

export function AnswerRow({ answer, settings, onChange }: AnswerRowProps) {
  const wording = wordingOf(settings)
  return (
    <Table.Tr>
      <Table.Td style={{ whiteSpace: 'nowrap' }}>{momentInWords(answer.at)}</Table.Td>
      <Table.Td>
        {said(rungOf(answer.item.rung).name)}, {said(wayOf(answer.item.ask).name)}
      </Table.Td>
      <Table.Td>{sayAnswer(answer.item, answer.item.answer, wording)}</Table.Td>
      <Table.Td style={{ fontWeight: answer.right ? undefined : 700 }}>
        {answer.right ? t`right` : sayAnswer(answer.item, answer.given, wording)}
        {answer.helped && ` (${t`helped`})`}
      </Table.Td>
      <Table.Td>
        {explain(answer.item, answer.given)
          .map((id) => said(misreadingOf(id).does))
          .join(` · ${t`or`} `)}
      </Table.Td>
      <Table.Td>
        <Button
          variant="subtle"
          size="compact-sm"
          onClick={onChange}
          aria-label={t`Change the answer of ${momentInWords(answer.at)}`}
        >{t`Change`}</Button>
      </Table.Td>
    </Table.Tr>
  )
}

/** What was changed, when and why; each change can be taken back. */
export function Trace({ data, changes }: { data: ChildData; changes: readonly AnswerChange[] }) {
  const wording = wordingOf(data.settings)
  const change = useChildChange(data.report.child.id)
  return (
    <section aria-label={t`Changes`} style={{ marginTop: 16 }}>
      <Text fw={700}>{t`Changed by you`}</Text>
      {changes.map(({ id, at, what, reason, before, after }) => (
        <Group
          key={id}
          justify="space-between"
          wrap="nowrap"
          style={{ borderTop: '1px solid var(--line)', padding: '6px 0' }}
        >
          <Text size="sm" className="anywhere">
            {momentInWords(at)}:{' '}
            {what === 'removed' || !after
              ? t`the answer “${sayAnswer(before.item, before.given, wording)}” of ${momentInWords(before.at)} was taken out.`
              : t`the answer “${sayAnswer(before.item, before.given, wording)}” of ${momentInWords(before.at)} was corrected to “${sayAnswer(after.item, after.given, wording)}”.`}{' '}
            {reason}
          </Text>
          <Button
            variant="default"
            size="compact-sm"
            style={{ flex: 'none' }}
            disabled={change.isPending}
            onClick={() => change.mutate(() => api.remove(`/api/changes/${id}`))}
          >{t`Put back`}</Button>
        </Group>
      ))}
    </section>
  )
}
