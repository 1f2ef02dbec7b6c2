import { said } from '../words/i18n'
import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import { type CautionId, FOLLOW_LOCAL_RULES, cautions } from '../core/make'

/** The cautions that apply here, and that local rules come first. */
export function Cautions({ ids }: { ids: readonly CautionId[] }) {
  if (ids.length === 0) return null
  return (
    <div className="sheet sheet-attention" style={{ padding: '8px 12px' }} role="note" aria-label={t`Cautions`}>
      {ids.map((id) => (
        <Text key={id} size="sm">
          {said(cautions[id])}
        </Text>
      ))}
      <Text size="xs" mt={4}>
        {said(FOLLOW_LOCAL_RULES)}
      </Text>
    </div>
  )
}
