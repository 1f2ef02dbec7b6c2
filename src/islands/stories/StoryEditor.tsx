import { Trans } from '@lingui/react/macro'
import { Text } from '@mantine/core'
import { RichTextEditor } from '@mantine/tiptap'
import '@mantine/tiptap/styles.css'
import { useEffect } from 'react'
import { LONGEST_STORY } from '../../core/stories'
import type { Typing } from './MarkByHand'
import type { Entered } from './PlainStory'
import { textOfDoc } from './editorText'
import type { StoriesState } from './useStories'
import { useStoryEditor } from './useStoryEditor'

export interface EditorProps {
  readonly state: StoriesState
  readonly lit: string | null
  readonly entered: Entered | undefined
  /** Called where the text is entered before the editor has come. */
  readonly onEnter: (at: Entered) => void
  readonly onTyping: (typing: Typing | undefined) => void
}

/** The text in an editor: times are marked as it is typed. */
export function StoryEditor({ state, lit, entered, onTyping }: EditorProps) {
  const { editor, keepText } = useStoryEditor(state, { lit, entered })
  useEffect(() => {
    if (!editor) return
    onTyping({ editor, keep: () => keepText(editor) })
    return () => onTyping(undefined)
    // What keeps the text reads the latest story by itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [editor, onTyping])
  const length = editor ? textOfDoc(editor.state.doc).length : 0
  return (
    <>
      <RichTextEditor editor={editor}>
        <RichTextEditor.Content />
      </RichTextEditor>
      {length > LONGEST_STORY && (
        <Text size="sm" role="alert" className="stories-odd" mt={6}>
          <Trans>
            A story has at most {LONGEST_STORY} letters, this has {length}: what is over is on this screen only. Shorten
            it.
          </Trans>
        </Text>
      )}
    </>
  )
}
