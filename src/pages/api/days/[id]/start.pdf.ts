import { startCardPages } from '../../../../server/dayPrinting'
import { endpoint, pdfResponse } from '../../../../server/http'
import { drawingsToPdf } from '../../../../server/pdf'

/** The card for the door: when to start, and each step with its time. */
export const GET = endpoint(async ({ db, id, query }) =>
  pdfResponse(await drawingsToPdf(await startCardPages(db, id, query), 'When to start'), 'when-to-start'),
)
