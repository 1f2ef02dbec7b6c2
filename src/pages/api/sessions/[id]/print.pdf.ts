import { printApart } from '../../../../server/apart/apart'
import { endpoint, pdfResponse } from '../../../../server/http'
import { sessionContext } from '../../../../server/planning'

/** All that a session prints, in one PDF. */
export const GET = endpoint(async ({ db, id, now, left }) => {
  const wish = await sessionContext(db, id, now)
  const title = `${wish.group.name}, ${wish.session.date}`
  return pdfResponse(await printApart({ of: 'session', wish, title }, left), `session-${wish.session.date}`)
})
