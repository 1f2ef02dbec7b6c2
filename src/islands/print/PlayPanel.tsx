import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { howToPlay } from '../../core/planning'
import type { PrintState } from './usePrint'

/** How a game is played, in the language in which it is printed; nothing for a sheet. */
export function PlayPanel({ state: { picked, options } }: { state: PrintState }) {
  const rules = howToPlay(picked.id, options.rung, options.wording)
  if (!rules) return null
  return (
    <section className="sheet" aria-labelledby="how-to-play">
      <Text id="how-to-play" fw={700}>{t`How to play`}</Text>
      <ol style={{ margin: '4px 0', paddingLeft: 20, fontSize: 14 }} lang={options.wording.language.slice(0, 2)}>
        {rules.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <Text size="sm">
        <Trans>Say: “{rules.say}”</Trans>
      </Text>
      <Text size="sm" className="quiet">{t`The rules are printed with it.`}</Text>
    </section>
  )
}
