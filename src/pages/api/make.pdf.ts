import { wordingOf } from '../../core/records'
import { endpoint, pdfResponse } from '../../server/http'
import { makingPages, recipeFromQuery } from '../../server/making'
import { drawingsToPdf } from '../../server/pdf'
import { getSettings } from '../../server/stores/settings'

/** The clocks of a recipe, for all its children and spares. */
export const GET = endpoint(async ({ db, query }) => {
  const recipe = recipeFromQuery(query)
  const pages = makingPages(recipe, wordingOf(await getSettings(db)), query.get('bar'))
  return pdfResponse(await drawingsToPdf(pages, 'Paper clocks'), 'paper-clocks')
})
