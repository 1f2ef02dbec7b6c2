import { Stack } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { useState } from 'react'
import { later } from '../../ui/later'
import { pageLanguage } from '../../ui/pageLanguage'
import { MarkByHand, type Typing } from './MarkByHand'
import { type Entered, PlainStory } from './PlainStory'
import type { EditorProps } from './StoryEditor'
import type { StoriesState } from './useStories'

/** Most who open a story read it, or take it to the children: its editor comes once somebody comes near the text. */
export const editor = later(
  async () => (await import('./StoryEditor')).StoryEditor,
  ({ state, lit, onEnter }: EditorProps) => <PlainStory state={state} lit={lit} onEnter={onEnter} />,
)

interface Props {
  readonly state: StoriesState
  readonly lit: string | null
  readonly onLit: (key: string | null) => void
  /** Whether somebody has come to write in this or an earlier story. */
  readonly isWritten: boolean
  readonly onWrite: () => void
}

/** The text of a story: its times are marked, and a missed one can be marked by hand. */
export function StoryText({ state, lit, onLit, isWritten, onWrite }: Props) {
  const isMounted = useMounted()
  const [entered, setEntered] = useState<Entered>()
  const [typing, setTyping] = useState<Typing>()
  const enter = (at: Entered) => {
    setEntered(at)
    onWrite()
  }
  return (
    <Stack gap={6}>
      <div
        className="stories-text"
        lang={pageLanguage(state.story.language)}
        onPointerUp={(event) => {
          const mark = event.target instanceof Element ? event.target.closest('[data-time]') : null
          onLit(mark?.getAttribute('data-time') ?? null)
        }}
      >
        {isMounted && (isWritten || state.story.text === '') ? (
          <editor.Part state={state} lit={lit} entered={entered} onEnter={enter} onTyping={setTyping} />
        ) : (
          <PlainStory state={state} lit={lit} onNear={() => void editor.load()} onEnter={enter} />
        )}
      </div>
      <MarkByHand typing={typing} state={state} />
    </Stack>
  )
}
