import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Chip, Group, SimpleGrid, Stack } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import type { Bench } from './useRecipe'

const FLAGS = [
  { id: 'ringOfFives', name: told('Ring of fives') },
  { id: 'halves', name: told('Past and to') },
  { id: 'zoneLines', name: told('Hour zones') },
  { id: 'quarterShading', name: told('Quarters') },
  { id: 'handLabels', name: told('Hand names') },
  { id: 'secondHand', name: told('Second hand') },
  { id: 'lowInk', name: told('Save ink') },
  { id: 'tile', name: told('In parts') },
] as const
type Flag = (typeof FLAGS)[number]['id']

const HANDS = {
  both: told('Both hands'),
  hour: told('Hour hand only'),
  minute: told('Minute hand only'),
  pair: told('A pair, one hand each'),
} as const
const FACES = { full: told('All numbers'), quarters: told('12, 3, 6, 9'), blank: told('Blank, to write on') } as const
const GUIDES = {
  all: told('All guides'),
  quarters: told('Quarters only'),
  centre: told('Centre only'),
  none: told('Nothing'),
} as const

/** What is on the face, and which hands there are. */
export function LookFields({ bench }: { bench: Bench }) {
  const { recipe } = bench
  const isDrawn = recipe.kind === 'draw'
  const flags = FLAGS.filter(({ id }) => !isDrawn || ['lowInk', 'tile', 'secondHand', 'handLabels'].includes(id))
  const set = (chosen: readonly string[]) =>
    bench.change(Object.fromEntries(FLAGS.map(({ id }) => [id, chosen.includes(id)])) as Record<Flag, boolean>)
  return (
    <Stack gap={8} className="sheet" component="section" aria-label={t`Face and hands`}>
      <SimpleGrid cols={2} spacing={8}>
        <Choice
          label={t`Hands`}
          value={recipe.hands}
          onChange={(hands) => bench.change({ hands })}
          data={listed(HANDS)}
        />
        {isDrawn ? (
          <Choice
            label={t`Guides`}
            value={recipe.guides}
            onChange={(guides) => bench.change({ guides })}
            data={listed(GUIDES)}
          />
        ) : (
          <Choice
            label={t`Face`}
            value={recipe.face}
            onChange={(face) => bench.change({ face })}
            data={listed(FACES)}
          />
        )}
        {isDrawn && (
          <Choice
            label={t`On a page`}
            value={String(recipe.perPage)}
            onChange={(n) => bench.change({ perPage: n === '4' ? 4 : 1 })}
            data={['1', '4'].map((value) => ({ value, label: value }))}
          />
        )}
      </SimpleGrid>
      <Chip.Group multiple value={flags.filter(({ id }) => recipe[id]).map(({ id }) => id)} onChange={set}>
        <Group gap={6}>
          {flags.map(({ id, name }) => (
            <Chip key={id} value={id} size="xs" color="moss">
              {said(name)}
            </Chip>
          ))}
        </Group>
      </Chip.Group>
    </Stack>
  )
}
