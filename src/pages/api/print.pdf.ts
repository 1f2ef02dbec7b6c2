import { endpoint, pdfResponse } from '../../server/http'
import { drawingsToPdf } from '../../server/pdf'
import { printPages, wishFromQuery } from '../../server/printing'

/** A print and its key at true size. */
export const GET = endpoint(async ({ query }) => {
  const wish = wishFromQuery(query)
  return pdfResponse(await drawingsToPdf(printPages(wish), wish.printable), `${wish.printable}-${wish.seed}`)
})
