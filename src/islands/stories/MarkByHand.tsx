import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { Button, Group, TextInput } from '@mantine/core'
import type { Editor } from '@tiptap/core'
import { useState } from 'react'
import { keyAt } from '../../core/stories'
import { readTyped, whyNoTime, told } from '../../core/wording'
import { rangeInText, textOfDoc } from './editorText'
import type { StoriesState } from './useStories'

/** What is known of the editor outside of it. */
export interface Typing {
  readonly editor: Editor
  /** Keeps what was typed, without waiting. */
  readonly keep: () => void
}

/** The most letters that are marked as one time. */
const LONGEST_MARK = 80

interface ByHandProps {
  /** Undefined until the editor has come: then nothing is selected. */
  readonly typing: Typing | undefined
  readonly state: StoriesState
}

/** Words that were not found to be a time are selected, and the time that they mean is written beside them. */
export function MarkByHand({ typing, state: { kept, story } }: ByHandProps) {
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState('')
  const mark = () => {
    const { doc, selection } = typing?.editor.state ?? {}
    const text = doc ? textOfDoc(doc) : ''
    const range = doc && selection && rangeInText(doc, selection)
    if (!range || text.slice(range.from, range.to).trim() === '')
      return setProblem(t`Select the words that mean a time first.`)
    if (range.to - range.from > LONGEST_MARK)
      return setProblem(t`The words of a time have ${LONGEST_MARK} letters at most: select fewer.`)
    const time = readTyped(typed, story.language, { figures: 'day' })
    if (!time) return setProblem(said(whyNoTime(typed, story.language, { figures: 'day' }) ?? told('This is no time.')))
    typing?.keep()
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
          label={t`A time that was missed: select its words, and write when it is`}
          placeholder="14:30"
          value={typed}
          maxLength={LONGEST_NAME}
          error={problem || undefined}
          onChange={(event) => setTyped(event.currentTarget.value)}
          style={{ flex: 1 }}
        />
        <Button type="submit" variant="default">{t`Mark it`}</Button>
      </Group>
    </form>
  )
}
