import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import { type StoriesData, wordingOf } from '../../core/records'
import {
  LEAST_EVENTS,
  MOST_EVENTS,
  SHELF,
  STORY_NAMES,
  makeStory,
  marksOf,
  shelfMarks,
  toldIn,
} from '../../core/stories'
import { type RungId, rungOf, rungs } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import type { StoriesState } from './useStories'
import { NumberField } from '../../ui/NumberField'

interface Props {
  readonly state: StoriesState
  readonly data: StoriesData
}

/** Stories of our own for every rung, and new ones from a day, a rung and some names. */
export function MakerPanel({ state, data }: Props) {
  return (
    <Stack gap="md">
      <Maker state={state} data={data} />
      <Shelf state={state} data={data} />
    </Stack>
  )
}

function Shelf({ state, data }: Props) {
  const told = toldIn(data.settings.language)
  return (
    <section aria-label={t`Ready stories`}>
      <Text fw={600}>{t`Ready stories`}</Text>
      <ul className="stories-shelf">
        {SHELF.map((story) => (
          <li key={story.id}>
            <Button
              variant="default"
              justify="space-between"
              fullWidth
              rightSection={<span className="quiet">{said(rungOf(story.rung).name)}</span>}
              onClick={() => {
                const { title, text } = story.told[told]
                const { language } = data.settings
                state.kept.add(title, { language, text, marks: shelfMarks(text, language), questions: null, seed: 1 })
              }}
            >
              {story.told[told].title}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What is wished of a new story, and that story; a wish that none can be made of says why. */
function useMaker({ settings, days }: StoriesData) {
  const [rung, setRung] = useState<RungId>('half')
  const [names, setNames] = useState(t`Juniper, Tavi`)
  const [count, setCount] = useState<number | string>(5)
  const [dayId, setDayId] = useState('')
  const [seed, setSeed] = useState<number | string>(1)
  const day = days.find(({ id }) => id === dayId)
  const made = useMemo(
    () =>
      attempt(() =>
        makeStory({
          rung,
          wording: wordingOf(settings),
          names: names
            .split(',')
            .map((name) => name.trim())
            .filter((name) => name !== ''),
          count: typeof count === 'number' ? count : NaN,
          seed: typeof seed === 'number' ? seed : NaN,
          ...(day && { rows: day.body.rows }),
        }),
      ),
    [rung, settings, names, count, seed, day],
  )
  return { rung, setRung, names, setNames, count, setCount, dayId, setDayId, seed, setSeed, made }
}

function Maker({ state, data }: Props) {
  const maker = useMaker(data)
  const { made } = maker
  const take = () => {
    if (!made.value) return
    const { language } = data.settings
    const { title, text } = made.value
    state.kept.add(title, {
      language,
      text,
      marks: marksOf(made.value, language),
      questions: null,
      seed: Number(maker.seed),
    })
  }
  return (
    <Stack gap={8} component="section" aria-label={t`Make a story`}>
      <Text fw={600}>{t`Make a story`}</Text>
      <MakerFields maker={maker} data={data} />
      <TextInput
        label={t`Who is in it`}
        description={t`1 to 4 names with commas, such as ${STORY_NAMES.slice(2, 4).join(', ')}`}
        value={maker.names}
        maxLength={120}
        onChange={(event) => maker.setNames(event.currentTarget.value)}
      />
      {made.value ? (
        <>
          <Text className="stories-preview anywhere">{made.value.text}</Text>
          <Group gap="xs">
            <Button onClick={take}>{t`Take this story`}</Button>
            <Button variant="default" onClick={() => maker.setSeed(Number(maker.seed) + 1)}>{t`Another one`}</Button>
          </Group>
        </>
      ) : (
        <Text size="sm" role="alert" className="stories-odd">
          {said(made.refusal.says)}.
        </Text>
      )}
    </Stack>
  )
}

function MakerFields({ maker, data }: { maker: ReturnType<typeof useMaker>; data: StoriesData }) {
  return (
    <Group gap="sm" align="end">
      <Choice
        label={t`Times of`}
        value={maker.rung}
        onChange={maker.setRung}
        data={rungs.map(({ id, name }) => ({ value: id, label: said(name) }))}
      />
      <Choice
        label={t`From a day`}
        value={maker.dayId}
        onChange={maker.setDayId}
        data={[
          { value: '', label: t`a usual one` },
          ...data.days.map(({ id, name }) => ({ value: id, label: said(name) })),
        ]}
      />
      <NumberField
        label={t`Things that happen`}
        value={maker.count}
        min={LEAST_EVENTS}
        max={MOST_EVENTS}
        keepsOutside
        w={140}
        onChange={maker.setCount}
      />
      <NumberField label={t`Number`} value={maker.seed} min={0} w={100} onChange={maker.setSeed} />
    </Group>
  )
}
