import { Input, NativeSelect, NumberInput, SegmentedControl, Stack, Switch, Text, TextInput } from '@mantine/core'
import { type PaperId, papers, printable as drawable } from '../../core/drawing'
import {
  COVERS,
  type Covers,
  FLIPS,
  type Flip,
  HELP_LEVELS,
  type HelpLevel,
  NEEDS,
  isTwoHanded,
} from '../../core/printables'
import type { RungId } from '../../core/teaching'
import { Cautions } from '../../ui/Cautions'
import { WholeField } from '../../ui/WholeField'
import { LuresFields } from './LuresFields'
import { MOST_SEED, type PrintState } from './usePrint'

/** Those that are found in a printer at home or at school. */
const PAPERS = ['a4', 'letter'] as const

/** Everything that can be set of a print; what the house rules say is said, not asked again. */
export function OptionsPanel({ state }: { state: PrintState }) {
  const { picked, printable, counts, options, set, takes } = state
  const hasFigures = isTwoHanded(picked.rung)
  return (
    <section className="sheet" aria-label="Options">
      <Stack gap="xs">
        <Text fw={700}>{printable.name}</Text>
        <NativeSelect
          label="Rung"
          value={picked.rung}
          onChange={(event) => set({ rung: event.currentTarget.value as RungId })}
          data={state.rungs.map(({ id, name }) => ({ value: id, label: name }))}
        />
        {counts.least < counts.most && !options.rows && (
          <NumberInput
            label={`How many ${printable.counts}`}
            description={`${counts.least} to ${counts.most} on this rung`}
            value={options.count}
            onChange={(value) => typeof value === 'number' && set({ count: value })}
            clampBehavior="none"
            allowDecimal={false}
          />
        )}
        {takes('boards') && (
          <NumberInput
            label="Boards"
            description="2 to 12, a board a child"
            value={picked.boards}
            onChange={(value) => typeof value === 'number' && set({ boards: value })}
            clampBehavior="none"
            allowDecimal={false}
          />
        )}
        {takes('cells') && (
          <div>
            <Text size="sm" fw={500} id="cells-of-each">
              Cells of each time on the mat
            </Text>
            <SegmentedControl
              fullWidth
              aria-labelledby="cells-of-each"
              value={String(picked.cells)}
              onChange={(value) => set({ cells: Number(value) })}
              data={['1', '2', '3', '4']}
            />
          </div>
        )}
        {takes('covers') && (
          <NativeSelect
            label="What is covered"
            value={options.covers ?? 'dials'}
            onChange={(event) => set({ covers: event.currentTarget.value as Covers })}
            data={Object.entries(COVERS)
              .filter(([value]) => hasFigures || value !== 'figures')
              .map(([value, label]) => ({ value, label }))}
          />
        )}
        {takes('sectors') && (
          <TextInput
            label="Widths of the sectors"
            description="Alike where this is empty; 1, 2 makes the second twice as wide as the first"
            placeholder="1, 1, 1 …"
            value={picked.sectors}
            maxLength={80}
            onChange={(event) => set({ sectors: event.currentTarget.value })}
          />
        )}
        {takes('by') && (
          <NumberInput
            label="Minutes from clock to clock"
            description="Mixed where this is empty; else a multiple of 5"
            placeholder="mixed"
            value={picked.by ?? ''}
            onChange={(value) => set({ by: typeof value === 'number' ? value : null })}
            clampBehavior="none"
            allowDecimal={false}
          />
        )}
        {takes('answers') && (
          <SegmentedControl
            fullWidth
            aria-label="How it is answered"
            value={picked.answers}
            onChange={(value) => set({ answers: value as 'write' | 'choose' })}
            data={[
              { value: 'write', label: 'Write the answer' },
              { value: 'choose', label: 'Ring one of three' },
            ]}
          />
        )}
        {takes('forms') && hasFigures && (
          <SegmentedControl
            fullWidth
            aria-label="What a set is made of"
            value={String(picked.forms)}
            onChange={(value) => set({ forms: value === '3' ? 3 : 2 })}
            data={[
              { value: '2', label: 'Dial, words' },
              { value: '3', label: 'Dial, figures, words' },
            ]}
          />
        )}
        {takes('reversed') && (
          <Switch
            label="Show clocks, write the times"
            checked={picked.reversed}
            onChange={(event) => set({ reversed: event.currentTarget.checked })}
          />
        )}
        {takes('rows') && (
          <Input.Wrapper
            id="own-day"
            label="Your own day (if you like)"
            description="A row a line: the time and what happens then"
          >
            {/* Not Mantine's own Textarea: what makes it grow weighs more than the view may. */}
            <Input
              id="own-day"
              component="textarea"
              multiline
              rows={6}
              placeholder={'7:30 breakfast\n8:15 walk to school'}
              maxLength={1000}
              value={picked.rows}
              onChange={(event) => set({ rows: event.currentTarget.value })}
            />
          </Input.Wrapper>
        )}
        {takes('helps') && (
          <NativeSelect
            label="Helps on each dial"
            value={picked.helps}
            onChange={(event) => set({ helps: Number(event.currentTarget.value) as HelpLevel })}
            data={HELP_LEVELS.map((label, value) => ({ value: String(value), label }))}
          />
        )}
        {takes('lures') && (!takes('answers') || picked.answers === 'choose') && <LuresFields state={state} />}
        {takes('backs') && (
          <NativeSelect
            label="Backs"
            value={picked.backs}
            onChange={(event) => set({ backs: event.currentTarget.value as Flip | '' })}
            data={[
              { value: '', label: 'none: print on one side' },
              ...Object.entries(FLIPS).map(([value, label]) => ({ value, label })),
            ]}
          />
        )}
        {takes('cuts') && (
          <Switch
            label="Marks for a guillotine"
            checked={picked.guillotine}
            onChange={(event) => set({ guillotine: event.currentTarget.checked })}
          />
        )}
        <details>
          <summary>Title, name, paper, copies, number</summary>
          <Stack gap="xs" mt="xs">
            <TextInput
              label="Title"
              placeholder="the usual one"
              value={picked.title}
              maxLength={200}
              onChange={(event) => set({ title: event.currentTarget.value })}
            />
            <LeftOut text={picked.title} />
            <TextInput
              label="For whom (if you like)"
              value={picked.owner}
              maxLength={60}
              onChange={(event) => set({ owner: event.currentTarget.value })}
            />
            <LeftOut text={picked.owner} />
            <NativeSelect
              label="Paper"
              value={options.paper}
              onChange={(event) => set({ paper: event.currentTarget.value as PaperId })}
              data={[...new Set<PaperId>([...PAPERS, options.paper])].map((id) => ({
                value: id,
                label: papers[id].name,
              }))}
            />
            <Switch
              label="Low ink: outlines instead of colour"
              checked={options.lowInk ?? false}
              onChange={(event) => set({ lowInk: event.currentTarget.checked })}
            />
            <WholeField
              label="Copies"
              description="Of the pages; the key comes once"
              value={picked.copies}
              least={1}
              most={30}
              onChange={(copies) => set({ copies })}
            />
            <WholeField
              label="Number"
              description="The same number makes the same pages"
              value={picked.seed}
              least={1}
              most={MOST_SEED}
              onChange={(seed) => set({ seed })}
            />
          </Stack>
        </details>
      </Stack>
    </section>
  )
}

/** How it is played or used, what else it takes and what to watch for. */
export function NeedsPanel({ state }: { state: PrintState }) {
  const { printable } = state
  return (
    <section className="sheet" aria-label="What it needs">
      <Stack gap="xs">
        {state.notes.map((note) => (
          <Text key={note} size="sm">
            {note}
          </Text>
        ))}
        <Text size="sm" className="quiet">
          Needs{' '}
          {printable.needs
            .map((need) => `${NEEDS[need].name}${NEEDS[need].standIn ? ` (or ${NEEDS[need].standIn})` : ''}`)
            .join('; ')}
          . Wording follows the house rules.
        </Text>
        <Cautions ids={printable.cautions} />
      </Stack>
    </section>
  )
}

/** Says so where the print fonts cannot draw all of a text: emoji and scripts other than Latin. */
function LeftOut({ text }: { text: string }) {
  const shown = drawable(text)
  if (shown.length >= text.normalize('NFC').trim().replace(/\s+/g, ' ').length) return null
  return (
    <Text size="sm" role="alert">
      {shown === ''
        ? 'The print fonts have none of these letters: it is left out of the print.'
        : `Printed as “${shown}”: the print fonts have Latin letters only.`}
    </Text>
  )
}
