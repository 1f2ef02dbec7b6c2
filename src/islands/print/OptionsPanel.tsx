import { NativeSelect, NumberInput, SegmentedControl, Stack, Switch, Text, TextInput } from '@mantine/core'
import type { RungId } from '../../core'
import { Cautions } from '../../ui/Cautions'
import { MOST_SEED, type PrintState } from './usePrint'

/** Everything that can be set of a print; what the house rules say is said, not asked again. */
export function OptionsPanel({ state }: { state: PrintState }) {
  const { picked, printable, counts, options, set } = state
  const isGame = printable.fill !== undefined
  return (
    <section className="sheet" aria-label="Options">
      <Stack gap="xs">
        <Text fw={700}>{printable.name}</Text>
        <NativeSelect label="Rung" value={picked.rung} onChange={(event) => set({ rung: event.currentTarget.value as RungId })} data={state.rungs.map(({ id, name }) => ({ value: id, label: name }))} />
        {counts.least < counts.most && (
          <NumberInput label={`How many ${printable.counts}`} description={`${counts.least} to ${counts.most} on this rung`} value={options.count} onChange={(value) => typeof value === 'number' && set({ count: value })} clampBehavior="none" allowDecimal={false} />
        )}
        {isGame && (
          <div>
            <Text size="sm" fw={500} id="cells-of-each">
              Cells of each time on the mat
            </Text>
            <SegmentedControl fullWidth aria-labelledby="cells-of-each" value={String(picked.cells)} onChange={(value) => set({ cells: Number(value) })} data={['1', '2', '3', '4']} />
          </div>
        )}
        {printable.id === 'twirl-and-fill' && <Switch label="Every second sector twice as wide" checked={picked.unequal} onChange={(event) => set({ unequal: event.currentTarget.checked })} />}
        <Switch label="Ring of fives round each dial" checked={picked.ringOfFives} onChange={(event) => set({ ringOfFives: event.currentTarget.checked })} />
        <TextInput label="For whom (if you like)" value={picked.owner} maxLength={60} onChange={(event) => set({ owner: event.currentTarget.value })} />
        <NumberInput label="Number" description="The same number makes the same pages" value={picked.seed} min={1} max={MOST_SEED} onChange={(value) => typeof value === 'number' && Number.isInteger(value) && value >= 1 && value <= MOST_SEED && set({ seed: value })} />
        <Text size="sm" className="quiet">
          Needs: {printable.needs.join('; ')}. Paper, ink and wording follow the house rules.
        </Text>
        <Cautions ids={printable.cautions} />
      </Stack>
    </section>
  )
} // prettier-ignore
