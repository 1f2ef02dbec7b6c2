import { yardPages } from '../../core/make'
import { wordingOf } from '../../core/records'
import { endpoint, pdfResponse } from '../../server/http'
import { yardFromQuery } from '../../server/making'
import { drawingsToPdf } from '../../server/pdf'
import { getSettings } from '../../server/stores/settings'

/** The set-out sheet of a floor clock. */
export const GET = endpoint(async ({ db, query }) => {
  const pages = yardPages(yardFromQuery(query), wordingOf(await getSettings(db)))
  return pdfResponse(await drawingsToPdf(pages, 'Floor clock'), 'floor-clock')
})
