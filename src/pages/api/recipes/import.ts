import { v4 as newId } from 'uuid'
import { endpoint } from '../../../server/http'
import { importedRecipe } from '../../../server/making'
import { addKept } from '../../../server/stores/kept'

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'recipes', { id: newId(), ...importedRecipe(await body()) }, now),
)
