import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { RichTextEditor } from '@mantine/tiptap'
import '@mantine/tiptap/styles.css'
import type { Editor } from '@tiptap/core'
import { useState } from 'react'
import { LONGEST_STORY, keyAt } from '../../core/stories'
import { parseTime, whyNoTime } from '../../core/wording'
import { rangeInText, textOfDoc } from './editorText'
import { useStoryEditor } from './useStoryEditor'
import type { StoriesState } from './useStories'

interface Props {
  readonly state: StoriesState
  readonly lit: string | null
  readonly onLit: (key: string | null) => void
}

/** The text in an editor: times are marked as it is typed, and a missed one can be marked by hand. */
export function StoryEditor({ state, lit, onLit }: Props) {
  const { editor, keepText } = useStoryEditor(state, lit)
  const length = editor ? textOfDoc(editor.state.doc).length : state.story.text.length
  return (
    <Stack gap={6}>
      <div
        className="stories-text"
        onPointerUp={(event) => {
          const mark = event.target instanceof Element ? event.target.closest('[data-time]') : null
          onLit(mark?.getAttribute('data-time') ?? null)
        }}
      >
        <RichTextEditor editor={editor}>
          <RichTextEditor.Content />
        </RichTextEditor>
      </div>
      {length > LONGEST_STORY && (
        <Text size="sm" role="alert" className="stories-odd">
          A story has at most {LONGEST_STORY} letters, this has {length}: what is over is on this screen only. Shorten
          it.
        </Text>
      )}
      {editor && <MarkByHand editor={editor} state={state} onMark={() => keepText(editor)} />}
    </Stack>
  )
}

/** The most letters that are marked as one time. */
const LONGEST_MARK = 80

interface ByHandProps {
  readonly editor: Editor
  readonly state: StoriesState
  readonly onMark: () => void
}

/** Words that were not found to be a time are selected, and the time that they mean is written beside them. */
function MarkByHand({ editor, state: { kept, story }, onMark }: ByHandProps) {
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const mark = () => {
    const text = textOfDoc(editor.state.doc)
    const range = rangeInText(editor.state.doc, editor.state.selection)
    if (!range || text.slice(range.from, range.to).trim() === '')
      return setProblem('Select the words that mean a time first.')
    if (range.to - range.from > LONGEST_MARK)
      return setProblem(`The words of a time have ${LONGEST_MARK} letters at most: select fewer.`)
    const time = parseTime(typed, story.language, { figures: 'day' })
    if (!time) return setProblem(whyNoTime(typed, story.language, { figures: 'day' }) ?? 'This is no time.')
    onMark()
    const key = keyAt(text, range.from, range.to)
    const { marks } = story
    kept.change({
      text,
      marks: {
        ...marks,
        dismissed: marks.dismissed.filter((each) => each !== key),
        added: [...marks.added.filter((each) => each.key !== key), { key, minute: time.minute }],
      },
    })
    setTyped('')
    setProblem('')
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        mark()
      }}
    >
      <Group gap="xs" align="end">
        <TextInput
          label="A time that was missed: select its words, and write when it is"
          placeholder="14:30"
          value={typed}
          maxLength={60}
          error={problem || undefined}
          onChange={(event) => setTyped(event.currentTarget.value)}
          style={{ flex: 1 }}
        />
        <Button type="submit" variant="default">
          Mark it
        </Button>
      </Group>
    </form>
  )
}
