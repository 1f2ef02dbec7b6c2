import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { ActionIcon, Anchor, Group, Text } from '@mantine/core'
import { IconPencil, IconTrash } from '@tabler/icons-react'
import { findingInWords } from '../../core/knowing'
import type { ChildReport } from '../../core/records'

/** A child in one line: readiness, and the pattern in the mistakes. */
export function ChildRow({
  report,
  onEdit,
  onRemove,
}: {
  report: ChildReport
  onEdit: () => void
  onRemove: () => void
}) {
  const { child, readiness, diagnosis } = report
  const finding = diagnosis.findings[0]
  return (
    <li style={{ borderTop: '1px solid var(--line)', padding: '6px 0' }}>
      <Group wrap="nowrap" justify="space-between" gap="sm">
        <div style={{ flex: 1, minWidth: 0 }}>
          <Group gap={8} wrap="nowrap" align="baseline">
            <Anchor href={`/children/${child.id}`} fw={700} lineClamp={1} className="anywhere finger">
              {child.name}
            </Anchor>
            {child.age !== null && (
              <Text span size="sm" className="quiet" style={{ whiteSpace: 'nowrap' }}>
                <Trans>{child.age} years</Trans>
              </Text>
            )}
          </Group>
          <Text size="sm">{said(readiness)}</Text>
          {finding && (
            <Text size="sm" c="var(--attention)">
              <Trans>The same mistake: {said(findingInWords(finding))}</Trans>
            </Text>
          )}
        </div>
        <ActionIcon variant="subtle" size="lg" color="gray" aria-label={t`Edit ${child.name}`} onClick={onEdit}>
          <IconPencil size={18} color="var(--quiet)" />
        </ActionIcon>
        <ActionIcon variant="subtle" size="lg" color="gray" aria-label={t`Remove ${child.name}`} onClick={onRemove}>
          <IconTrash size={18} color="var(--quiet)" />
        </ActionIcon>
      </Group>
    </li>
  )
}
