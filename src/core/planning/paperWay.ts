/* How what a session prints is put on paper. */

export const ANSWER_WAYS = {
  short: 'Short',
  whole: 'A page for each',
  none: 'None',
} as const satisfies Record<string, string>
export type AnswerWay = keyof typeof ANSWER_WAYS
export const ANSWER_WAY_IDS = Object.keys(ANSWER_WAYS) as readonly AnswerWay[]

export interface PaperWay {
  /** The answers to the children's sheets. What a game needs to be played is printed in any case. */
  readonly answers: AnswerWay
  /** Two children's sheets on one sheet of paper, wherever they can still be read. */
  readonly two: boolean
  /** Only what these children get; left out, all that the session prints. */
  readonly childIds?: readonly string[]
}

/** More children than this have two of their sheets on one sheet of paper, unless the adult wants another way. */
const MOST_WITH_A_SHEET_EACH = 8

/** The way that is offered first for so many children. */
export function usualWay(children: number): PaperWay {
  return { answers: 'short', two: children > MOST_WITH_A_SHEET_EACH }
}
