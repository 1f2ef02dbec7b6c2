import { endpoint } from '../../../../server/http'
import { removeAnswer } from '../../../../server/stores/answers'
import { checked, schemas } from '../../../../server/validate'

export const POST = endpoint(async ({ db, id, now, body }) => {
  const { reason } = checked(schemas.removal, await body())
  await removeAnswer(db, id, reason, now)
})
