import { inDecimals } from '../../words/adult'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { ActionIcon, Group, SimpleGrid, Stack, Text } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { IconPin, IconPinnedOff } from '@tabler/icons-react'
import { type PaperId, papers } from '../../core/drawing'
import {
  BACKINGS,
  type CardGsm,
  type FastenerId,
  type LengthUnit,
  MEASURE_LIMITS,
  type MeasureId,
  PLATES_MM,
  type Recipe,
  backings,
  fasteners,
  formatLength,
  hasPaperHands,
} from '../../core/make'
import { capital } from '../../core/wording'
import { LengthField } from '../../ui/LengthField'
import type { Bench } from './useRecipe'
import { NumberField } from '../../ui/NumberField'

/** The measures that a kind of clock has. */
function measuresOf(recipe: Recipe): MeasureId[] {
  const hands = recipe.kind === 'dough' || hasPaperHands(recipe)
  const paper = hasPaperHands(recipe)
  const [hour, minute] = [recipe.hands !== 'minute', recipe.hands !== 'hour']
  return [
    ...(recipe.backing === 'plate' ? (['plateMm'] as const) : []),
    'faceMm',
    ...(recipe.kind === 'layered' ? (['middleMm', 'hubMm'] as const) : []),
    ...(hands && minute ? (['minuteHandMm'] as const) : []),
    ...(hands && hour ? (['hourHandMm'] as const) : []),
    ...(paper && recipe.secondHand ? (['secondHandMm'] as const) : []),
    ...(paper && minute ? (['minuteWidthMm'] as const) : []),
    ...(paper && hour ? (['hourWidthMm'] as const) : []),
    ...(hands ? (['legMm'] as const) : []),
  ]
}

/** Each measure has a sensible value until it is changed by hand. Then it is pinned, and can be unpinned. */
export function MeasureFields({ bench, unit }: { bench: Bench; unit: LengthUnit }) {
  const { recipe, changes } = bench
  const shown = new Set(measuresOf(recipe))
  const shownChanges = changes.filter(({ id }) => shown.has(id))
  return (
    <Stack gap={8} className="sheet" component="section" aria-label={t`Measures`}>
      <Lengths bench={bench} unit={unit} ids={[...shown]} />
      {recipe.backing === 'plate' && <Plates bench={bench} unit={unit} />}
      <Text size="xs" className="quiet" aria-live="polite" mih={16}>
        {shownChanges.length > 0 &&
          t`Worked out again: ${shownChanges.map(({ id, from, to }) => `${said(MEASURE_LIMITS[id].name)} ${inDecimals(`${formatLength(from, unit)} → ${formatLength(to, unit)}`)}`).join('; ')}`}
      </Text>
      <StockFields bench={bench} />
      <SimpleGrid cols={3} spacing={8}>
        <CountField label={t`Children`} value={recipe.children} onChange={(children) => bench.change({ children })} />
        <CountField label={t`Spares`} value={recipe.spares} onChange={(spares) => bench.change({ spares })} />
        <CountField label={t`Youngest`} value={recipe.age} onChange={(age) => bench.change({ age })} />
      </SimpleGrid>
    </Stack>
  )
}

function Lengths({ bench, unit, ids }: { bench: Bench; unit: LengthUnit; ids: readonly MeasureId[] }) {
  const { recipe, solved } = bench
  return (
    <SimpleGrid cols={2} spacing={8} verticalSpacing={6}>
      {ids.map((id) => {
        const isFixed = recipe.fixed[id] !== undefined
        return (
          <LengthField
            key={id}
            label={capital(said(MEASURE_LIMITS[id].name))}
            mm={recipe.fixed[id] ?? solved.measures[id]}
            unit={unit}
            onChange={(mm) => bench.fix(id, mm)}
            rightSection={
              isFixed ? (
                <ActionIcon
                  variant="subtle"
                  size="sm"
                  aria-label={t`Work out the ${said(MEASURE_LIMITS[id].name)} again`}
                  onClick={() => bench.free(id)}
                >
                  <IconPinnedOff size={15} />
                </ActionIcon>
              ) : (
                <IconPin size={13} color="var(--line)" aria-hidden />
              )
            }
          />
        )
      })}
    </SimpleGrid>
  )
}

function Plates({ bench, unit }: { bench: Bench; unit: LengthUnit }) {
  return (
    <Group gap={4} role="group" aria-label={t`Plates`}>
      {PLATES_MM.map((mm) => (
        <button
          key={mm}
          type="button"
          className="chip"
          aria-pressed={bench.solved.measures.plateMm === mm}
          onClick={() => bench.fix('plateMm', mm)}
        >
          {inDecimals(formatLength(mm, unit))}
        </button>
      ))}
    </Group>
  )
}

/** What it is printed on, stuck to and held by. Half a row would cut off the longest names of the last two. */
function StockFields({ bench }: { bench: Bench }) {
  const { recipe } = bench
  return (
    <SimpleGrid cols={2} spacing={8} verticalSpacing={6}>
      <Choice
        label={t`Paper`}
        value={recipe.paper}
        onChange={(paper) => bench.change({ paper })}
        data={(Object.keys(papers) as PaperId[]).map((id) => ({ value: id, label: said(papers[id].name) }))}
      />
      <Choice
        label={t`Printed on`}
        value={String(recipe.gsm)}
        onChange={(gsm) => bench.change({ gsm: Number(gsm) as CardGsm })}
        data={[80, 160, 300].map((gsm) => ({ value: String(gsm), label: `${gsm} g/m²` }))}
      />
      <Choice
        label={t`Backing`}
        className="whole-row"
        value={recipe.backing}
        onChange={(backing) => bench.change({ backing })}
        data={BACKINGS.map((id) => ({ value: id, label: capital(said(backings[id].name)) }))}
      />
      <Choice
        label={t`Held by`}
        className="whole-row"
        value={recipe.fastener}
        onChange={(fastener) => bench.change({ fastener, fixed: { ...recipe.fixed, legMm: undefined } })}
        data={(Object.keys(fasteners) as FastenerId[]).map((id) => ({ value: id, label: said(fasteners[id].name) }))}
      />
    </SimpleGrid>
  )
}

/** A count as it is typed. An impossible one stays in the field, and the message above the drawing says why. */
function CountField({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
  return (
    <NumberField
      label={label}
      value={Number.isNaN(value) ? '' : value}
      onChange={(next) => onChange(typeof next === 'number' ? next : NaN)}
      keepsOutside
    />
  )
}
