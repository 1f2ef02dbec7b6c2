import { paperClockPage } from '../../core/make'
import { endpoint, pdfResponse } from '../../server/http'
import { drawingsToPdf } from '../../server/pdf'
import { getSettings } from '../../server/stores/settings'

/** One paper clock on the paper of the house rules: the quickest thing to hold in a hand. */
export const GET = endpoint(async ({ db }) => {
  const { paper, lowInk } = await getSettings(db)
  return pdfResponse(await drawingsToPdf([paperClockPage({ paper, lowInk })], 'A paper clock'), 'paper-clock')
})
