import { type Drawing, type SheetId, smallOnSheets } from '../drawing'
import { guidePages, type Print, type Printable } from '../printables'
import { type RungId, rungOf } from '../teaching'
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

/** Pages of answers four on a sheet; one alone is as large as it is. */
function smallAnswers(keys: readonly Drawing[], paper: SheetId): readonly Drawing[] {
  return keys.length > 1 ? smallOnSheets(keys, paper, { columns: 2, rows: 2 }) : keys
}

/** For a check one marking guide for each step, which has the answers too; of all else four pages on one. */
function shortAnswers(made: readonly MadePrint[], onPaper: OnPaper): Drawing[] {
  const printables = [...new Set(made.map(({ printable }) => printable))]
  const guides = printables.flatMap((printable) =>
    onPaper.order.flatMap((rung) => {
      const marked = made.filter((each) => each.print.marking && each.printable === printable && each.rung === rung)
      return marked.length === 0 ? [] : guideFor(printable, rung, marked, onPaper)
    }),
  )
  const keys = made.filter(({ print }) => !print.marking).flatMap(({ print }) => print.key)
  return [...guides, ...smallAnswers(keys, onPaper.paper)]
}

function guideFor(
  printable: Printable,
  rung: RungId,
  made: readonly MadePrint[],
  { paper, wording }: OnPaper,
): Drawing[] {
  const footer = [
    'Ripe Acorn',
    nameIn(wording, printable.name),
    nameIn(wording, rungOf(rung).name),
    printedAs('guide', wording),
  ]
  const marking = made.map(({ owner, seed, print }) => ({
    heading: `${owner}, ${printedAs('no. {0}', wording, seed)}`,
    questions: print.marking ?? [],
  }))
  return guidePages(rung, marking, { paper, wording, footer: footer.join(' · ') })
}
