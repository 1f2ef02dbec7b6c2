import { titled } from '../../ui/titled'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text, Title } from '@mantine/core'
import { mendedBy } from '../../core/activities'
import type { Partner } from '../../core/knowing'
import { namesInWords } from '../../core/planning'
import { type MisreadingId, misreadingOf, saidToChild } from '../../core/teaching'
import type { LanguageId } from '../../core/wording'

/** Which children need the same help, the most common one first. */
export function SharedRepairs({ partners, language }: { partners: readonly Partner[]; language: LanguageId }) {
  const ids = [...new Set(partners.flatMap((partner) => partner.findings))]
  const holders = (id: MisreadingId) => partners.filter((partner) => partner.findings.includes(id))
  const sorted = [...ids].sort((a, b) => holders(b).length - holders(a).length)
  return (
    <section className="sheet" aria-label={t`Who needs help with what`}>
      <Title order={2} size="h4" mb={6}>{t`Who needs help with what`}</Title>
      {sorted.length === 0 && <Text>{t`Nothing was found in anyone’s mistakes so far.`}</Text>}
      {sorted.map((id) => {
        const { does } = misreadingOf(id)
        return (
          <div key={id} style={{ borderTop: '1px solid var(--line)', padding: '8px 0' }}>
            <Text fw={700} className="anywhere">
              {titled(said(namesInWords(holders(id).map(({ name }) => name))), said(does))}
            </Text>
            <Text size="sm">
              <Trans>Say: “{saidToChild(id, language)}”</Trans>
            </Text>
            <Text size="sm" className="quiet">
              <Trans>Try this: {said(mendedBy(id))}</Trans>
            </Text>
          </div>
        )
      })}
    </section>
  )
}
