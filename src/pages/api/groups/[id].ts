import { endpoint } from '../../../server/http'
import { editGroup, getGroup, removeGroup } from '../../../server/stores/people'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, id }) => getGroup(db, id))

export const PUT = endpoint(async ({ db, id, body, now }) =>
  editGroup(db, id, checked(schemas.groupEdit, await body()), now),
)

export const DELETE = endpoint(({ db, id }) => removeGroup(db, id))
