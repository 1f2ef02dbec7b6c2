import { Button, FileButton, Group, NumberInput, Select, Stack, Text, TextInput } from '@mantine/core'
import { notifications } from '@mantine/notifications'
import { IconDownload, IconPrinter } from '@tabler/icons-react'
import { useState } from 'react'
import { type LengthUnit, type Recipe, formatLength, printerScale, recipePages, toLayeredSvg } from '../../core'
import { saveFile } from '../../ui/files'
import { useKept, useOpenSessions } from '../../ui/kept'
import type { Bench } from './useRecipe'

/** Everything that leaves the bench: PDF, SVG, saved recipes, files; and the check of the printer. */
export function OutPanel({ bench, unit }: { bench: Bench; unit: LengthUnit }) {
  const { recipe } = bench.solved
  const [bar, setBar] = useState<number | string>(100)
  const scale = typeof bar === 'number' && bar >= 50 && bar <= 200 ? printerScale(bar) : undefined
  const query = `recipe=${encodeURIComponent(JSON.stringify(recipe))}`
  const saveSvgs = () =>
    recipePages(recipe).forEach((page, i) => saveFile(`${recipe.kind}-clock-${i + 1}.svg`, 'image/svg+xml', toLayeredSvg(page)))
  return (
    <Stack gap="sm">
      <Button component="a" href={`/api/make.pdf?${query}`} target="_blank" leftSection={<IconPrinter size={18} />}>
        Print {recipe.children + recipe.spares} {recipe.children + recipe.spares === 1 ? 'clock' : 'clocks'}
      </Button>
      <Button variant="default" onClick={saveSvgs} leftSection={<IconDownload size={18} />}>
        SVG with layers, a page each
      </Button>
      <div className="sheet">
        <NumberInput
          label="The 100 mm bar measures, in mm"
          description="With a ruler on the printed page"
          value={bar}
          onChange={setBar}
          decimalScale={1}
          clampBehavior="none"
          error={scale === undefined ? '50 to 200 mm' : undefined}
        />
        {scale !== undefined && (
          <Text size="sm" mt={6} role="status">
            {scale === 1
              ? 'The printer is true.'
              : `The printer prints at ${Math.round(scale * 1000) / 10} %: the face came out ${formatLength(bench.solved.measures.faceMm * scale, unit)} across.`}
          </Text>
        )}
        {scale !== undefined && scale !== 1 && (
          <Button component="a" mt={6} size="sm" variant="light" href={`/api/make.pdf?${query}&bar=${bar}`} target="_blank">
            Print made good for it
          </Button>
        )}
      </div>
      <SavedRecipes bench={bench} />
    </Stack>
  )
} // prettier-ignore

function SavedRecipes({ bench }: { bench: Bench }) {
  const kept = useKept<Recipe>('recipes')
  const sessions = useOpenSessions()
  const [name, setName] = useState('')
  const [picked, setPicked] = useState<string | null>(null)
  const saved = kept.list.find((each) => each.id === picked)
  const importFile = async (file: File | null) => {
    if (!file) return
    const got = await kept.importFile(file)
    if (got) {
      bench.set(got.body)
      setPicked(got.id)
    }
  }
  return (
    <Stack gap="xs" className="sheet" component="section" aria-label="Saved recipes">
      <Group gap="xs" align="end" wrap="nowrap">
        <TextInput label="Name" value={name} maxLength={60} onChange={(event) => setName(event.currentTarget.value)} style={{ flex: 1 }} />
        <Button variant="light" disabled={name.trim() === ''} onClick={() => void kept.add(name, bench.solved.recipe).then((made) => { setPicked(made.id); setName('') })}>
          Save as new
        </Button>
      </Group>
      <Select label="Saved" placeholder={kept.list.length === 0 ? 'none yet' : 'choose one'} value={picked} onChange={(id) => {
        setPicked(id)
        const chosen = kept.list.find((each) => each.id === id)
        if (chosen) bench.set(chosen.body)
      }} data={kept.list.map((each) => ({ value: each.id, label: each.name }))} disabled={kept.list.length === 0} />
      {saved && (
        <Group gap={6}>
          <Button size="compact-md" variant="default" onClick={() => void kept.save({ ...saved, body: bench.solved.recipe })}>
            Save over it
          </Button>
          <Button size="compact-md" variant="default" onClick={() => void kept.add(`${saved.name.slice(0, 54)} copy`, saved.body).then((made) => setPicked(made.id))}>
            Copy
          </Button>
          <Button size="compact-md" variant="default" onClick={() => saveFile(`${saved.name}.json`, 'application/json', JSON.stringify({ format: 'ripe-acorn-recipe', formatVersion: 1, name: saved.name, recipe: saved.body }, null, 2))}>
            Export
          </Button>
          <Button size="compact-md" variant="subtle" onClick={() => void kept.remove(saved.id).then(() => setPicked(null))}>
            Remove
          </Button>
        </Group>
      )}
      {saved && (
        <Select
          label="Put it into a session"
          placeholder={sessions.length === 0 ? 'no session to come' : 'choose the session'}
          disabled={sessions.length === 0}
          value={null}
          data={sessions.map(({ id, label }) => ({ value: id, label }))}
          onChange={(id) => id && void kept.putInto(id, saved.id).then(() => notifications.show({ message: `${saved.name} is printed with that session now.`, color: 'moss' }))}
        />
      )}
      <FileButton onChange={(file) => void importFile(file)} accept="application/json,.json">
        {(props) => (
          <Button {...props} size="compact-md" variant="subtle">
            Import a recipe from a file
          </Button>
        )}
      </FileButton>
    </Stack>
  )
} // prettier-ignore
