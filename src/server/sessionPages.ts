import { told } from '../core/wording'
import type { Drawing } from '../core/drawing'
import { RefusedValue } from '../core/errors'
import { type SessionContext, sessionPaper, type SessionPaperWish } from '../core/records'

/** A session to print, how, and from which page to which: all of them where they are left out. */
export interface SessionPrintWish {
  readonly context: SessionContext
  readonly wish: SessionPaperWish
  readonly from?: number
  readonly to?: number
  /** The mark of the paper that other parts were printed from. */
  readonly mark?: string
}

/** The field of a refusal: the session is another than other parts were printed from. */
export const MARK_FIELD = 'mark'

/**
 * The pages that are wanted of a session. Throws RefusedValue for a first page that there is not, or one behind the
 * last, and where the session is not that of the mark any more.
 */
export function wantedPages({ context, wish, from = 1, to = Infinity, mark }: SessionPrintWish): readonly Drawing[] {
  const { pages, mark: now } = sessionPaper(context, wish)
  if (mark !== undefined && mark !== now) throw new RefusedValue(told(MARK_FIELD), told(now), mark)
  if (from > pages.length) throw new RefusedValue(told('from'), told('a page from 1 to {0}', pages.length), from)
  if (to < from) throw new RefusedValue(told('to'), told('{0} or more, since the pages begin there', from), to)
  return pages.slice(from - 1, to)
}
