import type { SessionId } from '../../core/ids'
import type { SessionPaper, SessionPaperWish } from '../../core/records'
import { type PageSpan, pagesInParts } from '../../core/planning'

/** Pages of a session's paper, and the mark of the paper that they are from. */
export interface PagePart extends PageSpan {
  readonly mark: string
}

/** All pages in parts of so many sheets; in one where that is not given. */
export function inParts({ pages: { length: total }, mark }: SessionPaper, sheets = total): PagePart[] {
  return pagesInParts(total, Math.max(1, sheets)).map((span) => ({ ...span, mark }))
}

/** Whether the address of the plan asks how it is printed, as links that say Print do. */
export const asksToPrint = () => new URLSearchParams(location.search).has('print')

/** Where the PDF of a session is, printed in this way; of a part of its pages where one is given. */
export function pdfAddress(
  id: SessionId,
  { answers, two, lowInk, childIds = [] }: SessionPaperWish,
  part?: PagePart,
): string {
  const query = new URLSearchParams({ answers, two: String(two), lowInk: String(lowInk) })
  for (const child of childIds) query.append('for', child)
  if (part) {
    query.set('from', String(part.from))
    query.set('to', String(part.to))
    query.set('mark', part.mark)
  }
  return `/api/sessions/${id}/print.pdf?${query.toString()}`
}
