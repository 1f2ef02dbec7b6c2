import { t } from '@lingui/core/macro'
import { Button, Group, Title } from '@mantine/core'
import { IconBook, IconPlus, IconTrash } from '@tabler/icons-react'
import type { StoriesData } from '../../core/records'
import { LANGUAGE_IDS, languages } from '../../core/wording'
import { Choice } from '../../ui/Choice'
import { KeptChoice } from '../../ui/KeptChoice'
import { NameField } from '../../ui/NameField'
import { UndoButton } from '../../ui/UndoButton'
import type { StoriesState } from './useStories'

/** Which story is open, what it is called, and the language that it is told in. */
export function StoryHead({ state, data }: { state: StoriesState; data: StoriesData }) {
  const { kept, story } = state
  const { one } = kept
  return (
    <Group gap="sm" align="end">
      <Title order={1} size="h3">{t`Stories`}</Title>
      <KeptChoice state={kept} list={data.stories} label={t`Which story`} />
      {one && <NameField key={one.id} name={one.name} onRename={kept.rename} />}
      <Choice
        label={t`Language`}
        value={story.language}
        onChange={(language) => kept.change({ language })}
        data={LANGUAGE_IDS.map((value) => ({ value, label: languages[value].name }))}
      />
      <Group gap={6} ml="auto">
        {one && (
          <>
            <UndoButton onUndo={kept.undo} canUndo={kept.canUndo} />
            <Button variant="subtle" onClick={kept.remove} leftSection={<IconTrash size={17} />}>{t`Remove`}</Button>
            <Button
              component="a"
              href={`/stories/read?story=${one.id}`}
              leftSection={<IconBook size={17} />}
            >{t`Read together`}</Button>
          </>
        )}
        <Button
          variant="light"
          onClick={() => kept.add(t`A new story`)}
          leftSection={<IconPlus size={17} />}
        >{t`New story`}</Button>
      </Group>
    </Group>
  )
}
