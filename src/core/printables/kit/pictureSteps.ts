import { centredText, fitSize, group, INK, type Point, type Shape, wrapText } from '../../drawing'
import { LINE_SHARE } from './wordLists'

/** One step of making something: a small drawing about its middle, and what is done. */
export interface PictureStep {
  readonly drawn: readonly Shape[]
  readonly words: string
}

/** Drawings, each with what is done there: as many as there are words for. */
export function stepsOf(drawings: readonly (readonly Shape[])[], words: readonly string[]): PictureStep[] {
  return words.map((text, i) => ({ drawn: drawings[i] ?? [], words: text }))
}

interface StepsPlace extends Point {
  readonly width: number
  /** How far each drawing reaches up and down from its middle, mm. */
  readonly half: number
  /** Side by side; left out, all of them. */
  readonly columns?: number
}

/** Under the drawings: how many lines, and how large they are at most, em in mm. */
const [LINES, MOST_MM] = [3, 3.8]
const WORDS_MM = LINES * MOST_MM * LINE_SHARE

/** How high a row of steps is, mm. */
export const stepsHeight = (half: number): number => 2 * half + 4 + WORDS_MM

/** Lines that begin at one height under every drawing. */
function caption(text: string, x: number, top: number, width: number): Shape[] {
  const fitting = Math.min(...text.split(' ').map((word) => fitSize(word, MOST_MM, width - 0.01)))
  const sizes = Array.from({ length: 12 }, (_, i) => fitting * 0.95 ** i)
  const size = sizes.find((each) => wrapText(text, each, width).length <= LINES) ?? fitting / 2
  return wrapText(text, size, width).map((words, i) =>
    centredText(words, { x, y: top + (i + 0.5) * MOST_MM * LINE_SHARE }, { size, fill: INK }),
  )
}

/** How something is made, in numbered small pictures in rows, with a line of words under each. */
export function pictureSteps(
  steps: readonly PictureStep[],
  { x, y, width, half, columns = steps.length }: StepsPlace,
): Shape {
  const cell = width / columns
  const shapes = steps.flatMap(({ drawn, words }, i): Shape[] => {
    const [middle, top] = [((i % columns) + 0.5) * cell, Math.floor(i / columns) * stepsHeight(half)]
    return [
      group(drawn, { part: `step-${i}`, x: middle, y: top + half + 1 }),
      ...caption(`${i + 1}. ${words}`, middle, top + 2 * half + 4, cell - 4),
    ]
  })
  return group(shapes, { part: 'steps', x, y })
}
