import { pageLanguage } from '../../ui/pageLanguage'
import { t } from '@lingui/core/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { useMemo, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { proposePicture } from '../../core/days'
import { looksOf, type StoriesData } from '../../core/records'
import { storyPages } from '../../core/stories'
import { Choice } from '../../ui/Choice'
import { pictureWordsQuery } from '../../ui/pictures/pictureWords'
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
  const { settings } = data
  const title = kept.one?.name ?? ''
  const { data: pictures } = useQuery({ ...pictureWordsQuery(story.language), enabled: title !== '' })
  const first = useMemo(() => {
    const picture = pictures && proposePicture(title, pictures.finder)
    const look = { ...looksOf(settings), paper: settings.paper, wording, picture }
    return storyPages({ ...look, title, text: story.text, times, questions: chosen }).pages[0]
  }, [title, pictures, story.text, times, chosen, wording, settings])
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
