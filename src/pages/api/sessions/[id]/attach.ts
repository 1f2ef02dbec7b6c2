import { endpoint } from '../../../../server/http'
import { attachToSession } from '../../../../server/stores/sessions'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, body }) => attachToSession(db, id, checked(schemas.attach, await body())))
