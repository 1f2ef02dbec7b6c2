import { linesOf, piecesOf } from './pieces'
import { timeLook } from './timeLook'
import type { StoriesState } from './useStories'

/** The text as it is read until its editor, which lives in the browser only, has come: in the same place. */
export function PlainStory({ state: { story, times } }: { state: StoriesState }) {
  return (
    <div className="stories-text stories-plain">
      {linesOf(story.text).map((line) => (
        <p key={line.from}>
          {piecesOf(line, times).map(({ text, time }, i) => (
            <span key={i} className={time && timeLook(time)}>
              {text}
            </span>
          ))}
        </p>
      ))}
    </div>
  )
}
