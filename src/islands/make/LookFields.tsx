import { Chip, Group, SimpleGrid, Stack } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import type { Bench } from './useRecipe'

const FLAGS = [
  { id: 'ringOfFives', name: 'Ring of fives' },
  { id: 'halves', name: 'Past and to' },
  { id: 'zoneLines', name: 'Hour zones' },
  { id: 'quarterShading', name: 'Quarters' },
  { id: 'handLabels', name: 'Hand names' },
  { id: 'secondHand', name: 'Second hand' },
  { id: 'lowInk', name: 'Save ink' },
  { id: 'tile', name: 'In parts' },
] as const
type Flag = (typeof FLAGS)[number]['id']

const HANDS = {
  both: 'Both hands',
  hour: 'Hour hand only',
  minute: 'Minute hand only',
  pair: 'A pair, one hand each',
} as const
const FACES = { full: 'All numbers', quarters: '12, 3, 6, 9', blank: 'Blank, to write on' } as const
const GUIDES = { all: 'All guides', quarters: 'Quarters only', centre: 'Centre only', none: 'Nothing' } as const

/** What is on the face, and which hands there are. */
export function LookFields({ bench }: { bench: Bench }) {
  const { recipe } = bench
  const isDrawn = recipe.kind === 'draw'
  const flags = FLAGS.filter(({ id }) => !isDrawn || ['lowInk', 'tile', 'secondHand', 'handLabels'].includes(id))
  const set = (chosen: readonly string[]) =>
    bench.change(Object.fromEntries(FLAGS.map(({ id }) => [id, chosen.includes(id)])) as Record<Flag, boolean>)
  return (
    <Stack gap={8} className="sheet" component="section" aria-label="Face and hands">
      <SimpleGrid cols={2} spacing={8}>
        <Choice label="Hands" value={recipe.hands} onChange={(hands) => bench.change({ hands })} data={listed(HANDS)} />
        {isDrawn ? (
          <Choice
            label="Guides"
            value={recipe.guides}
            onChange={(guides) => bench.change({ guides })}
            data={listed(GUIDES)}
          />
        ) : (
          <Choice label="Face" value={recipe.face} onChange={(face) => bench.change({ face })} data={listed(FACES)} />
        )}
        {isDrawn && (
          <Choice
            label="On a page"
            value={String(recipe.perPage)}
            onChange={(n) => bench.change({ perPage: n === '4' ? 4 : 1 })}
            data={listed({ '1': '1', '4': '4' })}
          />
        )}
      </SimpleGrid>
      <Chip.Group multiple value={flags.filter(({ id }) => recipe[id]).map(({ id }) => id)} onChange={set}>
        <Group gap={6}>
          {flags.map(({ id, name }) => (
            <Chip key={id} value={id} size="xs" color="moss">
              {name}
            </Chip>
          ))}
        </Group>
      </Chip.Group>
    </Stack>
  )
}
