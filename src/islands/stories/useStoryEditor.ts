import { t } from '@lingui/core/macro'
import { type Editor, Extension } from '@tiptap/core'
import type { Node } from '@tiptap/pm/model'
import { Plugin, PluginKey } from '@tiptap/pm/state'
import { Decoration, DecorationSet } from '@tiptap/pm/view'
import { useEditor } from '@tiptap/react'
import StarterKit from '@tiptap/starter-kit'
import { useEffect, useRef } from 'react'
import { LONGEST_STORY, type StoryTime } from '../../core/stories'
import type { Entered } from './PlainStory'
import { docOfText, placeInDoc, textOfDoc } from './editorText'
import { timeLook } from './timeLook'
import type { StoriesState } from './useStories'

/** What is typed is kept a moment after the last key. */
const SAVE_AFTER_MS = 700

interface ShownTimes {
  readonly times: readonly StoryTime[]
  readonly lit: string | null
}

const MARKS = new PluginKey<DecorationSet>('times')

function marksOf(doc: Node, { times, lit }: ShownTimes): DecorationSet {
  const marks = times.flatMap((time) => {
    const { from, to, key, text } = time
    const [start, end] = [placeInDoc(doc, from), placeInDoc(doc, to)]
    if (start === undefined || end === undefined || end <= start) return []
    // The text has moved on since, and the times will follow in a moment.
    if (doc.textBetween(start, end) !== text) return []
    return [Decoration.inline(start, end, { class: timeLook(time, lit), 'data-time': key })]
  })
  return DecorationSet.create(doc, marks)
}

/**
 * Marks the times in the text; they follow from the story, so that nothing of them is stored in the text. While
 * somebody types, marks move with their words.
 */
const timeMarks = Extension.create({
  name: 'times',
  addProseMirrorPlugins: () => [
    new Plugin<DecorationSet>({
      key: MARKS,
      state: {
        init: () => DecorationSet.empty,
        apply: (change, marks) => {
          const shown = change.getMeta(MARKS) as ShownTimes | undefined
          return shown ? marksOf(change.doc, shown) : marks.map(change.mapping, change.doc)
        },
      },
      props: { decorations: (state) => MARKS.getState(state) },
    }),
  ],
})

/** Lines of plain text, with the undo of an editor; a story has no bold words and no lists. */
const plainText = StarterKit.configure({
  blockquote: false,
  bold: false,
  bulletList: false,
  code: false,
  codeBlock: false,
  heading: false,
  horizontalRule: false,
  italic: false,
  link: false,
  listItem: false,
  orderedList: false,
  strike: false,
  underline: false,
})

const ATTRIBUTES = { role: 'textbox', 'aria-multiline': 'true', spellcheck: 'true' }

interface Options {
  readonly lit: string | null
  /** Where the text was entered before its editor had come; undefined where it was not. */
  readonly entered: Entered | undefined
}

/** The editor of the open story: what is typed is kept, what came from elsewhere is shown, times are marked. */
export function useStoryEditor({ kept, story, times }: StoriesState, { lit, entered }: Options) {
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const latest = useRef(kept)
  /** The text that was kept from here last: what differs from it came from elsewhere. */
  const sent = useRef(story.text)
  useEffect(() => {
    latest.current = kept
  })
  const keepText = (changed: Editor) => {
    const text = textOfDoc(changed.state.doc)
    if (text === latest.current.body.text || text.length > LONGEST_STORY) return
    sent.current = text
    latest.current.change({ text })
  }
  const editor = useEditor({
    extensions: [plainText, timeMarks],
    immediatelyRender: false,
    content: docOfText(story.text),
    editorProps: { attributes: { ...ATTRIBUTES, 'aria-label': t`The story` } },
    onCreate: ({ editor: made }) => {
      if (entered === 'by key') made.commands.focus('start')
      else if (entered) made.commands.focus(made.view.posAtCoords(entered)?.pos ?? 'end')
    },
    onUpdate: ({ editor: changed }) => {
      clearTimeout(timer.current)
      timer.current = setTimeout(() => keepText(changed), SAVE_AFTER_MS)
    },
    // What was typed last is kept when the story is left.
    onDestroy: () => clearTimeout(timer.current),
    onBlur: ({ editor: changed }) => keepText(changed),
  })
  useEffect(() => {
    // A text that came from elsewhere (undo, another screen) takes the place of the one in the editor.
    if (!editor || editor.isDestroyed || story.text === sent.current) return
    sent.current = story.text
    if (textOfDoc(editor.state.doc) !== story.text)
      editor.commands.setContent(docOfText(story.text), { emitUpdate: false })
  }, [editor, story.text])
  useEffect(() => {
    if (editor && !editor.isDestroyed)
      editor.view.dispatch(editor.state.tr.setMeta(MARKS, { times, lit } satisfies ShownTimes))
  }, [editor, times, lit])
  return { editor, keepText }
}
