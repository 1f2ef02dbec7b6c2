import { dayPages } from '../../../../server/dayPrinting'
import { endpoint, pdfResponse } from '../../../../server/http'
import { drawingsToPdf } from '../../../../server/pdf'

/** What was chosen of a day, in one PDF. */
export const GET = endpoint(async ({ db, id, query, now }) => {
  const { pages, title } = await dayPages({ db, id, query, now })
  return pdfResponse(await drawingsToPdf(pages, title), 'day')
})
