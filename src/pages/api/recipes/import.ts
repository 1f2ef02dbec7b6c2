import { endpoint } from '../../../server/http'
import { importedRecipe } from '../../../server/making'
import { addKept } from '../../../server/stores/kept'

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'recipes', { id: crypto.randomUUID(), ...importedRecipe(await body()) }, now),
)
