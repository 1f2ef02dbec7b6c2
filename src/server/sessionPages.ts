import type { Drawing } from '../core/drawing'
import { RefusedValue } from '../core/errors'
import { type SessionContext, sessionPaper, type SessionPaperWish } from '../core/records'

/** A session to print, how, and from which page to which: all of them where they are left out. */
export interface SessionPrintWish {
  readonly context: SessionContext
  readonly wish: SessionPaperWish
  readonly from?: number
  readonly to?: number
}

/** The pages that are wanted of a session. Throws RefusedValue for a first page that there is not, or one behind the last. */
export function wantedPages({ context, wish, from = 1, to = Infinity }: SessionPrintWish): readonly Drawing[] {
  const { pages } = sessionPaper(context, wish)
  if (from > pages.length) throw new RefusedValue('from', `a page from 1 to ${pages.length}`, from)
  if (to < from) throw new RefusedValue('to', `${from} or more, since the pages begin there`, to)
  return pages.slice(from - 1, to)
}
