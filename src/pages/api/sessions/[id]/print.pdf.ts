import { endpoint, pdfResponse } from '../../../../server/http'
import { drawingsToPdf } from '../../../../server/pdf'
import { sessionContext, sessionPages } from '../../../../server/sessions'
import { markPrinted } from '../../../../server/stores/sessions'

export const GET = endpoint(async ({ db, id, now }) => {
  const context = await sessionContext(db, id, now)
  const pdf = await drawingsToPdf(sessionPages(context), `${context.group.name}, ${context.session.date}`)
  await markPrinted(db, id, now)
  return pdfResponse(pdf, `session-${context.session.date}`)
})
