import { RefusedValue } from '../../../../core/errors'
import { sayDate, told } from '../../../../core/wording'
import { printApart } from '../../../../server/apart/apart'
import { endpoint, pdfResponse } from '../../../../server/http'
import { Problem } from '../../../../server/problem'
import { MARK_FIELD } from '../../../../server/sessionPages'
import { sessionPrintWish } from '../../../../server/sessionPrinting'

/** What is wanted of a session’s pages, in one PDF. */
export const GET = endpoint(async ({ db, id, query, now, left }) => {
  const wish = await sessionPrintWish(db, id, query, now)
  const { group, session, settings } = wish.context
  const title = `${group.name}, ${sayDate(session.date, settings.language, { year: true })}`
  const pdf = await printApart({ of: 'session', wish, title }, left).catch((error: unknown) => {
    throw error instanceof RefusedValue && error.field === MARK_FIELD ? changedBetweenParts() : error
  })
  return pdfResponse(pdf, `session-${session.date}`)
})

function changedBetweenParts(): Problem {
  return new Problem(409, told('The session has changed'), {
    field: MARK_FIELD,
    detail: told(
      'It was changed after its plan was opened, so these pages would not fit those of the first part. Open the plan again and print all parts.',
    ),
  })
}
