import { endpoint, pdfResponse } from '../../server/http'
import { makingPages, recipeFromQuery } from '../../server/making'
import { drawingsToPdf } from '../../server/pdf'

/** The clocks of a recipe, for all its children and spares. */
export const GET = endpoint(async ({ query }) =>
  pdfResponse(
    await drawingsToPdf(makingPages(recipeFromQuery(query), query.get('bar')), 'Paper clocks'),
    'paper-clocks',
  ),
)
