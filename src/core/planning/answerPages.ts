import { type Drawing, paperOf, type SheetId, smallOnSheets } from '../drawing'
import { guidePages, type Print, type Printable } from '../printables'
import type { RungId } from '../teaching'
import { nameIn, printedAs, type Wording } from '../wording'
import type { AnswerWay } from './paperWay'

/** One version of a printable, and whose it is. */
export interface MadePrint {
  readonly printable: Printable
  readonly rung: RungId
  readonly seed: number
  /** The child that it is for. */
  readonly owner: string
  readonly print: Print
}

interface OnPaper {
  readonly paper: SheetId
  readonly wording: Wording
  /** The rungs in the school's order. */
  readonly order: readonly RungId[]
}

/** The answers to some versions, on as much paper as is wanted. */
export function answerPages(made: readonly MadePrint[], way: AnswerWay, onPaper: OnPaper): Drawing[] {
  switch (way) {
    case 'none':
      return []
    case 'whole':
      return made.flatMap(({ print }) => print.key)
    case 'short':
      return shortAnswers(made, onPaper)
  }
}

/** The answers to one print, on as much paper as is wanted. */
export function answersOfOne(keys: readonly Drawing[], way: AnswerWay, paper: SheetId): readonly Drawing[] {
  return way === 'none' ? [] : way === 'whole' ? keys : smallAnswers(keys, paper)
}

/** Pages of answers on as few sheets as they can be read on: four whole ones, or eight halves. One alone stays as it is. */
export function smallAnswers(keys: readonly Drawing[], paper: SheetId): readonly Drawing[] {
  if (keys.length < 2) return keys
  const { width } = paperOf(paper)
  const isWhole = (page: Drawing) => page.width >= width
  return [
    ...smallOnSheets(keys.filter(isWhole), paper, { columns: 2, rows: 2 }),
    ...smallOnSheets(
      keys.filter((page) => !isWhole(page)),
      paper,
      { columns: 4, rows: 2 },
    ),
  ]
}

/** For a check one marking guide, which has the answers too, two pages on a sheet; of all else as many as can be read. */
function shortAnswers(made: readonly MadePrint[], onPaper: OnPaper): Drawing[] {
  const printables = [...new Set(made.map(({ printable }) => printable))]
  const guides = printables.flatMap((printable) => {
    const marked = made.filter((each) => each.print.marking && each.printable === printable)
    return marked.length === 0 ? [] : guideFor(printable, marked, onPaper)
  })
  const keys = made.filter(({ print }) => !print.marking).flatMap(({ print }) => print.key)
  return [...twoGuides(guides, onPaper.paper), ...smallAnswers(keys, onPaper.paper)]
}

/** A guide of one page is as large as it is. */
function twoGuides(guides: readonly Drawing[], paper: SheetId): readonly Drawing[] {
  return guides.length > 1 ? smallOnSheets(guides, paper, { columns: 2, rows: 1 }) : guides
}

/** One guide for all who have a check: a step after the other, in the school's order. */
function guideFor(
  printable: Printable,
  made: readonly MadePrint[],
  { order, paper, wording }: OnPaper,
): readonly Drawing[] {
  const footer = ['Ripe Acorn', nameIn(wording, printable.name), printedAs('guide', wording)].join(' · ')
  const guides = order.flatMap((rung) => {
    const sheets = made
      .filter((each) => each.rung === rung)
      .map(({ owner, seed, print }) => ({
        heading: `${owner}, ${printedAs('no. {0}', wording, seed)}`,
        questions: print.marking ?? [],
      }))
    return sheets.length === 0 ? [] : [{ rung, sheets }]
  })
  return guidePages(guides, { paper, wording, footer })
}
