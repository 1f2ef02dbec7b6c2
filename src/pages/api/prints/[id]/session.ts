import { endpoint } from '../../../../server/http'
import { putPrint } from '../../../../server/planning'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, now, body }) =>
  putPrint(db, id, checked(schemas.putPrint, await body()).sessionId, now),
)
