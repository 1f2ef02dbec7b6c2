import { t } from '@lingui/core/macro'
import { useRef } from 'react'
import { linesOf, piecesOf } from './pieces'
import { timeLook } from './timeLook'
import type { StoriesState } from './useStories'

/** Where the text was entered: at a place on the screen, or by the keyboard. */
export type Entered = { readonly left: number; readonly top: number } | 'by key'

interface Props {
  readonly state: StoriesState
  readonly lit: string | null
  /** Called as the pointer comes near. */
  readonly onNear?: () => void
  readonly onEnter?: (at: Entered) => void
}

/** The text as it is read, in the place of its editor, which is fetched once somebody comes near to write. */
export function PlainStory({ state: { story, times }, lit, onNear, onEnter }: Props) {
  const pressed = useRef<Entered>(undefined)
  return (
    <div
      className="stories-plain"
      role="textbox"
      aria-label={t`The story`}
      aria-multiline="true"
      aria-readonly="true"
      tabIndex={0}
      onPointerEnter={onNear}
      onPointerDown={({ clientX, clientY }) => void (pressed.current = { left: clientX, top: clientY })}
      // A finger that scrolls the text does not enter it.
      onPointerCancel={() => void (pressed.current = undefined)}
      onFocus={() => onEnter?.(pressed.current ?? 'by key')}
    >
      {linesOf(story.text).map((line) => (
        <p key={line.from}>
          {piecesOf(line, times).map(({ text, time }, i) => (
            <span key={i} className={time && timeLook(time, lit)} data-time={time?.key}>
              {text}
            </span>
          ))}
        </p>
      ))}
    </div>
  )
}
