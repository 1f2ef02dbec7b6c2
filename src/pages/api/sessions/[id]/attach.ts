import { endpoint } from '../../../../server/http'
import { getKept } from '../../../../server/stores/kept'
import { attachToSession } from '../../../../server/stores/sessions'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, body }) => {
  const things = checked<{ recipeId?: string | null; yardId?: string | null }>(schemas.attach, await body())
  if (things.recipeId) await getKept(db, 'recipes', things.recipeId)
  if (things.yardId) await getKept(db, 'yards', things.yardId)
  return attachToSession(db, id, things)
})
