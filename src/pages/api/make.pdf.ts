import { wordingOf } from '../../core/records'
import { printApart } from '../../server/apart/apart'
import { endpoint, pdfResponse } from '../../server/http'
import { recipeFromQuery } from '../../server/making'
import { getSettings } from '../../server/stores/settings'

/** The clocks of a recipe, for all its children and spares. */
export const GET = endpoint(async ({ db, query, left }) => {
  const wish = { recipe: recipeFromQuery(query), wording: wordingOf(await getSettings(db)), bar: query.get('bar') }
  return pdfResponse(await printApart({ of: 'making', wish, title: 'Paper clocks' }, left), 'paper-clocks')
})
