import { said, saidAll } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Stack, Text } from '@mantine/core'
import { NEEDS, type NeedId } from '../../core/printables'
import { Cautions } from '../../ui/Cautions'
import type { PrintState } from './usePrint'

/** How it is played or used, what else it takes and what to watch for. */
export function NeedsPanel({ state: { printable, notes } }: { state: PrintState }) {
  return (
    <section className="sheet" aria-label={t`What it needs`}>
      <Stack gap="xs">
        {saidAll(notes).map((note) => (
          <Text key={note} size="sm">
            {note}
          </Text>
        ))}
        <Text size="sm" className="quiet">
          <Trans>Needs {printable.needs.map(needInWords).join('; ')}. Wording follows the house rules.</Trans>
        </Text>
        <Cautions ids={printable.cautions} />
      </Stack>
    </section>
  )
}

function needInWords(need: NeedId): string {
  const { name, standIn } = NEEDS[need]
  return standIn ? t`${said(name)} (or ${said(standIn)})` : said(name)
}
