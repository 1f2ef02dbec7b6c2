import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Stack, Text } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { type PaperId, papers } from '../../core/drawing'
import { OPTION_IDS, type TakenId } from '../../core/printables'
import { WholeField } from '../../ui/WholeField'
import { LuresFields } from './LuresFields'
import { OptionField } from './OptionField'
import { MOST_SEED } from './pickedAddress'
import type { PrintState } from './usePrint'
import { Fold } from '../../ui/Fold'
import { NumberField } from '../../ui/NumberField'

/** Those that are found in a printer at home or at school. */
const PAPERS = ['a4', 'letter'] as const

/** Everything that can be set of a print. What the house rules say is shown, not asked again. */
export function OptionsPanel({ state }: { state: PrintState }) {
  const { printable, options, takes } = state
  const own = OPTION_IDS.filter((id): id is TakenId => takes(id as TakenId))
  const hasChoices = takes('weights') && (!takes('answers') || options.answers === 'choose')
  return (
    <section className="sheet" aria-label={t`Options`}>
      <Stack gap="xs">
        <Text fw={700}>{said(printable.name)}</Text>
        <RungField state={state} />
        <CountField state={state} />
        {own.map((id) => (
          <OptionField key={`${printable.id} ${id}`} state={state} id={id} />
        ))}
        {hasChoices && <LuresFields state={state} />}
        <OptionField state={state} id="look" />
        <PageFields state={state} />
      </Stack>
    </section>
  )
}

function RungField({ state: { picked, rungs, set } }: { state: PrintState }) {
  return (
    <Choice
      label={t`Step`}
      value={picked.rung}
      onChange={(rung) => set({ rung })}
      data={rungs.map(({ id, name }) => ({ value: id, label: said(name) }))}
    />
  )
}

function CountField({ state: { printable, counts, options, set } }: { state: PrintState }) {
  // A day of one's own has as many questions as rows.
  if (counts.least === counts.most || options.rows) return null
  return (
    <NumberField
      label={said(printable.counts)}
      description={t`${counts.least} to ${counts.most} on this step`}
      value={options.count}
      onChange={(value) => typeof value === 'number' && set({ count: value })}
      keepsOutside
    />
  )
}

/** What is the same for every printable, out of the way until it is wanted. */
function PageFields({ state }: { state: PrintState }) {
  const { picked, options, set } = state
  return (
    <Fold title={t`Title, name, paper, copies, number`}>
      <Stack gap="xs" mt="xs">
        <OptionField state={state} id="title" />
        <OptionField state={state} id="owner" />
        <OptionField state={state} id="picture" />
        <Choice
          label={t`Paper`}
          value={options.paper}
          onChange={(paper) => set({ paper })}
          data={[...new Set<PaperId>([...PAPERS, options.paper])].map((id) => ({
            value: id,
            label: said(papers[id].name),
          }))}
        />
        <OptionField state={state} id="lowInk" />
        <OptionField state={state} id="grey" />
        <WholeField
          label={t`Copies`}
          description={t`Of the pages; the answers come once`}
          value={picked.copies}
          least={1}
          most={30}
          onChange={(copies) => set({ copies })}
        />
        <WholeField
          label={t`Number`}
          description={t`The same number makes the same pages`}
          value={picked.seed}
          least={1}
          most={MOST_SEED}
          onChange={(seed) => set({ seed })}
        />
      </Stack>
    </Fold>
  )
}
