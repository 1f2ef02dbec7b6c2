import type { Drawing } from '../../core/drawing'
import { type DayPrintWish, dayPrints, answersOfOne, howToPlayPages } from '../../core/planning'
import { cardsOn, printableOf } from '../../core/printables'
import type { PrintWish } from '../../core/records'
import { type MakingWish, makingPages } from '../making'
import { drawingsToPdf } from '../pdf'
import { type SessionPrintWish, wantedPages } from '../sessionPages'
import { type StoryPrintWish, storyPrintPages } from '../storyPages'
import { replying } from './reply'

/* Makes and draws what is printed off the main thread, so that nobody at the table waits for it. */

export type PrintTask =
  | { readonly of: 'print'; readonly wish: PrintWish; readonly title: string }
  | { readonly of: 'day'; readonly wish: DayPrintWish; readonly title: string }
  | { readonly of: 'story'; readonly wish: StoryPrintWish; readonly title: string }
  | { readonly of: 'session'; readonly wish: SessionPrintWish; readonly title: string }
  | { readonly of: 'making'; readonly wish: MakingWish; readonly title: string }

/** The pages of a print as often as there are copies, then how it is played, then its key. */
function printPages({ printable, options, seed, copies = 1, answersOnPaper = 'whole' }: PrintWish): Drawing[] {
  const made = printableOf(printable).make(options, seed)
  const copied = Array.from({ length: copies }, () => made.pages).flat()
  return [
    ...copied,
    ...howToPlayPages(printable, options, cardsOn(made.pages)),
    ...answersOfOne(made.key, answersOnPaper, options.paper),
  ]
}

function pagesOf(task: PrintTask): readonly Drawing[] {
  switch (task.of) {
    case 'print':
      return printPages(task.wish)
    case 'day':
      return dayPrints(task.wish)
    case 'story':
      return storyPrintPages(task.wish)
    case 'session':
      return wantedPages(task.wish)
    case 'making':
      return makingPages(task.wish)
  }
}

export default replying(async (task: PrintTask) => new Uint8Array(await drawingsToPdf(pagesOf(task), task.title)))
