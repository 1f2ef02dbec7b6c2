import { told, type Told } from '../wording'
import { requireInteger } from '../errors'

/* How what a session prints is put on paper. */

export const ANSWER_WAYS = {
  short: told('Short'),
  whole: told('A page for each'),
  none: told('None'),
} as const satisfies Record<string, Told>
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

/** The first and the last page of a part, from 1. */
export interface PageSpan {
  readonly from: number
  readonly to: number
}

/**
 * So many pages in as few parts as a printer that holds so many sheets (1 or more) needs.
 *
 * pagesInParts(70, 30) //=> [{ from: 1, to: 30 }, { from: 31, to: 60 }, { from: 61, to: 70 }]
 */
export function pagesInParts(pages: number, sheets: number): PageSpan[] {
  requireInteger(told('sheets'), sheets, 1, 100_000)
  return Array.from({ length: Math.ceil(pages / sheets) }, (_, i) => ({
    from: i * sheets + 1,
    to: Math.min(pages, (i + 1) * sheets),
  }))
}
