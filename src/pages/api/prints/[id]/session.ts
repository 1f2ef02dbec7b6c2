import { endpoint } from '../../../../server/http'
import { putPrintInto } from '../../../../server/stores/kept'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, body }) =>
  putPrintInto(db, id, checked<{ sessionId: string | null }>(schemas.putPrint, await body()).sessionId),
)
