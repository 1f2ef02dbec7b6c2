import type { Recipe } from '../../../core/make'
import type { Kept } from '../../../core/records'
import { endpoint } from '../../../server/http'
import { addKept, listKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listKept<Recipe>(db, 'recipes'))

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'recipes', checked<Omit<Kept<Recipe>, 'version'>>(schemas.newRecipe, await body()), now),
)
