import { endpoint } from '../../../../server/http'
import { finishSession } from '../../../../server/stores/sessions'
import { checked, schemas } from '../../../../server/validate'

export const POST = endpoint(async ({ db, id, now, body }) => {
  const { note } = checked(schemas.done, await body())
  return finishSession(db, id, note, now)
})
