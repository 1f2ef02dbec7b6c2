import type { Sentence, StoryTime } from '../../core/stories'

export interface Piece {
  readonly text: string
  /** The time that these words mean; none for the words between. */
  readonly time?: StoryTime
}

/** The lines of a text, with where they begin and end in it. */
export function linesOf(text: string): Sentence[] {
  const lines = text.split('\n')
  return lines.map((line, i) => {
    // Each line before it, and the break behind that.
    const from = lines.slice(0, i).join('\n').length + (i > 0 ? 1 : 0)
    return { from, to: from + line.length, text: line }
  })
}

/** A stretch of a story as pieces: its words, and the times among them. */
export function piecesOf({ from, to, text }: Sentence, times: readonly StoryTime[]): Piece[] {
  const pieces: Piece[] = []
  let at = from
  for (const time of times.filter((each) => each.from >= from && each.to <= to)) {
    pieces.push({ text: text.slice(at - from, time.from - from) }, { text: time.text, time })
    at = time.to
  }
  pieces.push({ text: text.slice(at - from) })
  return pieces
}
