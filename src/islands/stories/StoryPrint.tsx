import { pageLanguage } from '../../ui/pageLanguage'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { useMemo, useState } from 'react'
import type { StoriesData } from '../../core/records'
import { storyPages } from '../../core/stories'
import { Choice } from '../../ui/Choice'
import { DrawingView } from '../../ui/DrawingView'
import { type StoriesState, useStoryQuestions } from './useStories'

interface Props {
  readonly state: StoriesState
  readonly data: StoriesData
}

/** The story on paper: its first page as it will be printed, once or for each child of a group. */
export function StoryPrint({ state, data }: Props) {
  const { kept, story, times, wording } = state
  const { chosen } = useStoryQuestions(state)
  const [groupId, setGroupId] = useState('')
  const { paper, lowInk } = data.settings
  const first = useMemo(
    () =>
      storyPages({ title: kept.one?.name ?? '', text: story.text, times, questions: chosen, paper, wording, lowInk })
        .pages[0],
    [kept.one?.name, story.text, times, chosen, paper, wording, lowInk],
  )
  if (!kept.one || story.text.trim() === '')
    return <Text size="sm">{t`Write a story first: then it can be printed.`}</Text>
  const isReady = !kept.saving && !kept.unsaved
  const query = groupId ? `?group=${groupId}` : ''
  return (
    <Stack gap="sm">
      <Group gap="sm" align="end">
        <Choice
          label={t`For`}
          value={groupId}
          onChange={setGroupId}
          data={[
            { value: '', label: t`one of it` },
            ...data.groups.map(({ id, name, childIds }) => ({
              value: id as string,
              label: t`each child of ${name} (${childIds.length})`,
            })),
          ]}
        />
        <Button
          component="a"
          target="_blank"
          href={isReady ? `/api/stories/${kept.one.id}/print.pdf${query}` : undefined}
          data-disabled={!isReady || undefined}
          leftSection={<IconPrinter size={18} />}
        >{t`Print the story`}</Button>
      </Group>
      {groupId && (
        <Text
          size="sm"
          className="quiet"
        >{t`Each child gets the questions whose clocks the child’s own step allows.`}</Text>
      )}
      {first && (
        <div className="stories-page" lang={pageLanguage(story.language)}>
          <DrawingView drawing={first} label={t`The first page`} />
        </div>
      )}
    </Stack>
  )
}
