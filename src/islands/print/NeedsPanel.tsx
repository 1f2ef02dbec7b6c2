import { Stack, Text } from '@mantine/core'
import { NEEDS, type NeedId } from '../../core/printables'
import { Cautions } from '../../ui/Cautions'
import type { PrintState } from './usePrint'

/** How it is played or used, what else it takes and what to watch for. */
export function NeedsPanel({ state: { printable, notes } }: { state: PrintState }) {
  return (
    <section className="sheet" aria-label="What it needs">
      <Stack gap="xs">
        {notes.map((note) => (
          <Text key={note} size="sm">
            {note}
          </Text>
        ))}
        <Text size="sm" className="quiet">
          Needs {printable.needs.map(needInWords).join('; ')}. Wording follows the house rules.
        </Text>
        <Cautions ids={printable.cautions} />
      </Stack>
    </section>
  )
}

function needInWords(need: NeedId): string {
  const { name, standIn } = NEEDS[need]
  return standIn ? `${name} (or ${standIn})` : name
}
