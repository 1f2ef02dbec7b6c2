import { said } from '#words'
import { t } from '@lingui/core/macro'
import { Text, Title } from '@mantine/core'
import { type Partner, suggestTogether } from '../../core/knowing'
import { namesInWords } from '../../core/planning'

/** Pairs and small groups for next time, each with its reason. */
export function NextTogether({ partners }: { partners: readonly Partner[] }) {
  const nameOf = (id: string) => partners.find((partner) => partner.id === id)?.name ?? ''
  return (
    <section className="sheet" aria-label={t`Together next time`}>
      <Title order={2} size="h4" mb={6}>{t`Together next time`}</Title>
      {suggestTogether(partners).map(({ childIds, why, kind }) => (
        <div key={childIds.join()} style={{ borderTop: '1px solid var(--line)', padding: '8px 0' }}>
          <Text fw={700} className="anywhere">
            {kind === 'alone'
              ? t`${said(namesInWords(childIds.map(nameOf)))}, with the adult`
              : said(namesInWords(childIds.map(nameOf)))}
          </Text>
          <Text size="sm" className="anywhere">
            {said(why)}
          </Text>
        </div>
      ))}
    </section>
  )
}
