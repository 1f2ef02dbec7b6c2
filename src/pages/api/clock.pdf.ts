import { paperClockPage } from '../../core/make'
import { wordingOf } from '../../core/records'
import { endpoint, pdfResponse } from '../../server/http'
import { drawingsToPdf } from '../../server/pdf'
import { getSettings } from '../../server/stores/settings'

/** One paper clock on the paper of the house rules: the quickest thing to hold in a hand. */
export const GET = endpoint(async ({ db }) => {
  const settings = await getSettings(db)
  return pdfResponse(
    await drawingsToPdf([paperClockPage(settings, undefined, wordingOf(settings))], 'A paper clock'),
    'paper-clock',
  )
})
