import { inDecimals } from '../../words/adult'
import { t, plural } from '@lingui/core/macro'
import { Button, FileButton, Stack, Text } from '@mantine/core'
import { IconDownload, IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import { toLayeredSvg } from '../../core/drawing'
import {
  type LengthUnit,
  RECIPE_FORMAT,
  RECIPE_FORMAT_VERSION,
  type Recipe,
  formatLength,
  printerScale,
  recipePages,
} from '../../core/make'
import type { Kept } from '../../core/records'
import { type Wording } from '../../core/wording'
import { saveFile } from '../../ui/files'
import { withOutlines } from '../../ui/outlines'
import { SavedThings } from '../../ui/SavedThings'
import { useKept } from '../../ui/kept'
import type { Bench } from './useRecipe'
import { NumberField } from '../../ui/NumberField'

/** Everything that leaves the bench: PDF, SVG, saved recipes, files; and the check of the printer. */
export function RecipeOut({ bench, unit, wording }: { bench: Bench; unit: LengthUnit; wording: Wording }) {
  const { recipe } = bench.solved
  const [bar, setBar] = useState<number | string>(100)
  const scale = typeof bar === 'number' && bar >= 50 && bar <= 200 ? printerScale(bar) : undefined
  const query = `recipe=${encodeURIComponent(JSON.stringify(recipe))}`
  const saveSvgs = () =>
    void withOutlines(recipePages(recipe, undefined, wording), (page, i) =>
      saveFile(`${recipe.kind}-clock-${i + 1}.svg`, 'image/svg+xml', toLayeredSvg(page)),
    )
  return (
    <Stack gap="sm">
      <Button component="a" href={`/api/make.pdf?${query}`} target="_blank" leftSection={<IconPrinter size={18} />}>
        {t`${plural(recipe.children + recipe.spares, { one: 'Print # clock', other: 'Print # clocks' })}`}
      </Button>
      <Button
        variant="default"
        onClick={saveSvgs}
        leftSection={<IconDownload size={18} />}
      >{t`SVG with layers, a page each`}</Button>
      <div className="sheet">
        <NumberField
          label={t`The 100 mm bar measures, in mm`}
          description={t`With a ruler on the printed page`}
          value={bar}
          onChange={setBar}
          decimals={1}
          keepsOutside
          error={scale === undefined ? t`50 to 200 mm` : undefined}
        />
        {scale !== undefined && (
          <Text size="sm" mt={6} role="status">
            {scale === 1
              ? t`The printer is true.`
              : t`The printer prints at ${Math.round(scale * 1000) / 10} %: the face came out ${inDecimals(formatLength(bench.solved.measures.faceMm * scale, unit))} across.`}
          </Text>
        )}
        {scale !== undefined && scale !== 1 && (
          <Button
            component="a"
            mt={6}
            size="sm"
            variant="light"
            href={`/api/make.pdf?${query}&bar=${bar}`}
            target="_blank"
          >{t`Print made good for it`}</Button>
        )}
      </div>
      <SavedRecipes bench={bench} />
    </Stack>
  )
}

function SavedRecipes({ bench }: { bench: Bench }) {
  const kept = useKept<Recipe>('recipes')
  const [picked, setPicked] = useState<string | null>(null)
  const copy = async (saved: Kept<Recipe>) =>
    setPicked((await kept.add(t`${saved.name.slice(0, 54)} copy`, saved.body)).id)
  const importFile = async (file: File | null) => {
    const got = file && (await kept.importFile(file))
    if (!got) return
    bench.set(got.body)
    setPicked(got.id)
  }
  return (
    <>
      <SavedThings
        kept={kept}
        body={bench.solved.recipe}
        picked={picked}
        onPick={setPicked}
        onOpen={bench.set}
        more={(saved) => (
          <>
            <Button size="compact-md" variant="default" onClick={() => void copy(saved)}>{t`Copy`}</Button>
            <Button size="compact-md" variant="default" onClick={() => exportRecipe(saved)}>{t`Export`}</Button>
          </>
        )}
      />
      <FileButton onChange={(file) => void importFile(file)} accept="application/json,.json">
        {(props) => <Button {...props} size="compact-md" variant="subtle">{t`Import a recipe from a file`}</Button>}
      </FileButton>
    </>
  )
}

/** The open format of a recipe, as the server reads it back. */
function exportRecipe({ name, body }: Kept<Recipe>): void {
  const file = { format: RECIPE_FORMAT, formatVersion: RECIPE_FORMAT_VERSION, name, recipe: body }
  saveFile(`${name}.json`, 'application/json', JSON.stringify(file, null, 2))
}
