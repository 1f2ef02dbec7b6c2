import { endpoint } from '../../../server/http'
import { putCount } from '../../../server/stores/counts'
import { checked, schemas } from '../../../server/validate'

export const PUT = endpoint(async ({ db, id, body }) => putCount(db, { id, ...checked(schemas.count, await body()) }))
