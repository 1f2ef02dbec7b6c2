import { sayDate } from '../../../../core/wording'
import { printApart } from '../../../../server/apart/apart'
import { endpoint, pdfResponse } from '../../../../server/http'
import { sessionPrintWish } from '../../../../server/sessionPrinting'

/** What is wanted of a session’s pages, in one PDF. */
export const GET = endpoint(async ({ db, id, query, now, left }) => {
  const wish = await sessionPrintWish(db, id, query, now)
  const { group, session, settings } = wish.context
  const title = `${group.name}, ${sayDate(session.date, settings.language, { year: true })}`
  return pdfResponse(await printApart({ of: 'session', wish, title }, left), `session-${session.date}`)
})
