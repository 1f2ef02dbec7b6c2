import { centredText, fitSize, INK, type Point, type Shape, textAt, wrapText } from '../../drawing'

/** From line to line, as a share of the size of the text. */
export const LINE_SHARE = 1.35

interface WordsLook {
  readonly width: number
  /** The largest em, mm. */
  readonly most?: number
  /** The words are made smaller where they would be higher, mm. */
  readonly height?: number
}

/** Words about a point, on as many lines as they need. */
export function wordsIn(text: string, { x, y }: Point, { width, most = 8, height = Infinity }: WordsLook): Shape[] {
  // No word is broken: German counts are long.
  const size = Math.min(...text.split(' ').map((word) => fitSize(word, most, width - 0.01)))
  const lines = wrapText(text, size, width)
  if (lines.length * size * LINE_SHARE > height && size > 1.5)
    return wordsIn(text, { x, y }, { width, most: size * 0.95, height })
  return lines.map((words, i) =>
    centredText(words, { x, y: y + (i - (lines.length - 1) / 2) * size * LINE_SHARE }, { size, fill: INK }),
  )
}

/** One line of text from a point to the right, no wider than `width`. */
export function textFrom(
  text: string,
  at: Point,
  { width, most = 5.5, fill = INK }: WordsLook & { fill?: string },
): Shape {
  return textAt(text, at, { size: fitSize(text, most, width), fill })
}
