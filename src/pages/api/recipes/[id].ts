import type { Recipe } from '../../../core/make'
import type { Kept } from '../../../core/records'
import { endpoint } from '../../../server/http'
import { removeThing } from '../../../server/keeping/removing'
import { editKept, getKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<Recipe>(db, 'recipes', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'recipes', id, checked<Omit<Kept<Recipe>, 'id'>>(schemas.recipeEdit, await body())),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'recipes', id, doing))
