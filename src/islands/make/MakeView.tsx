import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Grid, Group, Stack, Text, Title } from '@mantine/core'
import { Choice } from '../../ui/Choice'
import { useLocalStorage } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { type LengthUnit, RECIPE_KINDS, type RecipeKind, checkRecipe, recipeAs } from '../../core/make'
import { wordingOf } from '../../core/records'
import { IN_ENGLISH, type Wording } from '../../core/wording'
import { AddressTabs } from '../../ui/AddressTabs'
import { checksTab } from '../../ui/CheckLine'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { later, useFetchLater } from '../../ui/later'
import { settingsQuery } from '../../ui/queries'
import { BenchDrawing } from './BenchDrawing'
import { RecipeChecks } from './RecipeChecks'
import { LookFields } from './LookFields'
import { MeasureFields } from './MeasureFields'
import { type Bench, useRecipe } from './useRecipe'
import { ToPrinting } from '../../ui/ToPrinting'
import { Segments } from '../../ui/Segments'

const amountsPanel = later(async () => (await import('./AmountsPanel')).AmountsPanel)
const recipeOut = later(async () => (await import('./RecipeOut')).RecipeOut)
const suitsPanel = later(async () => (await import('./SuitsPanel')).SuitsPanel)
const LATER = [amountsPanel, recipeOut, suitsPanel]

export default function MakeView(page: Page) {
  return (
    <App {...page}>
      <Workbench />
    </App>
  )
}

function Workbench() {
  const bench = useRecipe()
  const { data: settings } = useQuery(settingsQuery)
  // The pages are in the language of the house; the screen is in the adult’s own.
  const wording = settings ? wordingOf(settings) : IN_ENGLISH
  useFetchLater(LATER)
  const [unit, setUnit] = useLocalStorage<LengthUnit>({
    key: 'make-unit',
    defaultValue: settings?.language === 'en-US' ? 'in' : 'mm',
  })
  const { recipe, solved } = bench
  return (
    <Stack gap="sm">
      <Group justify="space-between" align="end">
        <Title order={1} size="h3">{t`Workbench`}</Title>
        <Group gap="sm" align="end">
          <Choice
            aria-label={t`What to make`}
            value={recipe.kind}
            onChange={(kind) => bench.set(recipeAs(kind, recipe))}
            w={280}
            data={(Object.keys(RECIPE_KINDS) as RecipeKind[]).map((kind) => ({
              value: kind,
              label: said(RECIPE_KINDS[kind].name),
            }))}
          />
          <Segments aria-label={t`Unit`} value={unit} onChange={setUnit} data={['mm', 'cm', 'in']} />
          <ToPrinting part="out" />
        </Group>
      </Group>
      {bench.problem && (
        <Text className="sheet sheet-attention" role="alert" size="sm">
          <Trans>{bench.problem}. The drawing is the last that could be made.</Trans>
        </Text>
      )}
      <Grid gap="sm">
        <Grid.Col span={{ base: 12, sm: 6, lg: 3 }} order={{ base: 2, lg: 1 }}>
          <Stack gap="sm">
            <ErrorBoundary what={t`The measures`}>
              <MeasureFields bench={bench} unit={unit} />
            </ErrorBoundary>
            <LookFields bench={bench} />
          </Stack>
        </Grid.Col>
        <Grid.Col span={{ base: 12, lg: 5 }} order={{ base: 1, lg: 2 }}>
          <ErrorBoundary what={t`The drawing`}>
            <BenchDrawing solved={solved} wording={wording} />
          </ErrorBoundary>
        </Grid.Col>
        <Grid.Col span={{ base: 12, sm: 6, lg: 4 }} order={3}>
          <BenchTabs bench={bench} unit={unit} wording={wording} />
        </Grid.Col>
      </Grid>
    </Stack>
  )
}

/** What fits and what does not, the amounts, the pages, and which clock suits. */
function BenchTabs({ bench, unit, wording }: { bench: Bench; unit: LengthUnit; wording: Wording }) {
  const { recipe, measures } = bench.solved
  const broken = useMemo(() => checkRecipe(recipe, measures).filter((check) => !check.ok).length, [recipe, measures])
  return (
    <AddressTabs
      className="sheet tabs-tight"
      names={{
        checks: checksTab(broken),
        amounts: t`Amounts`,
        out: t`Print and save`,
        suits: t`Which clock suits?`,
      }}
      usual="checks"
      panels={{
        checks: <RecipeChecks bench={bench} />,
        amounts: <amountsPanel.Part bench={bench} />,
        out: <recipeOut.Part bench={bench} unit={unit} wording={wording} />,
        suits: <suitsPanel.Part bench={bench} />,
      }}
    />
  )
}
