import { said, saidAll } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Checkbox, Group, SimpleGrid, Stack, Text } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useState } from 'react'
import { MAKING_MATERIALS, type MakingMaterial, type Suited, rankRecipes, recipeAs } from '../../core/make'
import { type RungId, rungs } from '../../core/teaching'
import type { Bench } from './useRecipe'
import { NumberField } from '../../ui/NumberField'

const ALL = Object.keys(MAKING_MATERIALS) as MakingMaterial[]

/** Says which clock suits the children, the rung, the minutes and the materials, and why. */
export function SuitsPanel({ bench }: { bench: Bench }) {
  const [minutes, setMinutes] = useState<number | string>(20)
  const [rung, setRung] = useState<RungId>('oclock')
  const [materials, setMaterials] = useState<string[]>([...ALL])
  const { age, children } = bench.solved.recipe
  const ranked = rankRecipes({
    youngest: age,
    children,
    rung,
    minutes: typeof minutes === 'number' && minutes > 0 ? minutes : 20,
    materials: materials as MakingMaterial[],
  })
  return (
    <Stack gap="sm">
      <SimpleGrid cols={2} spacing={8}>
        <NumberField label={t`Minutes available`} value={minutes} onChange={setMinutes} min={1} max={120} />
        <Choice
          label={t`Step`}
          value={rung}
          onChange={setRung}
          data={rungs.map(({ id, name }) => ({ value: id, label: said(name) }))}
        />
      </SimpleGrid>
      <Checkbox.Group label={t`To hand`} value={materials} onChange={setMaterials}>
        <SimpleGrid cols={2} spacing={4} mt={4}>
          {ALL.map((id) => (
            <Checkbox key={id} size="sm" value={id} label={said(MAKING_MATERIALS[id])} />
          ))}
        </SimpleGrid>
      </Checkbox.Group>
      <Ranking ranked={ranked} onTake={(kind) => bench.set(recipeAs(kind, bench.solved.recipe))} />
    </Stack>
  )
}

interface RankingProps {
  readonly ranked: readonly Suited[]
  readonly onTake: (kind: Suited['kind']) => void
}

/** The kinds of clock, the one that suits best first. */
function Ranking({ ranked, onTake }: RankingProps) {
  return (
    <ol style={{ margin: 0, paddingLeft: 20 }} aria-label={t`Which clock suits`}>
      {ranked.map(({ kind, name, because }, i) => (
        <li key={kind} style={{ marginBottom: 6 }}>
          <Group gap={8} justify="space-between" wrap="nowrap">
            <Text span fw={i === 0 ? 700 : 500}>
              {said(name)}
            </Text>
            <Button
              size="compact-sm"
              variant={i === 0 ? 'light' : 'default'}
              aria-label={t`Take ${said(name)}`}
              onClick={() => onTake(kind)}
            >{t`Take it`}</Button>
          </Group>
          <Text size="xs" className="quiet">
            {saidAll(because).join('; ')}
          </Text>
        </li>
      ))}
    </ol>
  )
}
