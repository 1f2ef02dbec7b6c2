import { endpoint } from '../../../../server/http'
import { putPrintInto } from '../../../../server/stores/sessionPrints'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, body }) =>
  putPrintInto(db, id, checked(schemas.putPrint, await body()).sessionId),
)
