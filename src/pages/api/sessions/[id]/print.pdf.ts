import { endpoint, pdfResponse } from '../../../../server/http'
import { drawingsToPdf } from '../../../../server/pdf'
import { sessionContext } from '../../../../server/planning'
import { sessionPages } from '../../../../server/sessionPages'

export const GET = endpoint(async ({ db, id, now }) => {
  const context = await sessionContext(db, id, now)
  const pdf = await drawingsToPdf(sessionPages(context), `${context.group.name}, ${context.session.date}`)
  return pdfResponse(pdf, `session-${context.session.date}`)
})
