import { endpoint } from '../../../../server/http'
import { copySession } from '../../../../server/stores/sessions'
import { checked, schemas } from '../../../../server/validate'

/** The same plan on another day. */
export const POST = endpoint(async ({ db, id, now, body }) =>
  copySession(db, id, checked(schemas.sessionCopy, await body()), now),
)
