import { endpoint } from '../../../server/http'
import { changeKeeping } from '../../../server/keeping/backups'
import { checked, schemas } from '../../../server/validate'

export const PUT = endpoint(async ({ db, body, doing }) =>
  changeKeeping(db, checked(schemas.keeping, await body()), doing),
)
