import { endpoint } from '../../../../server/http'
import { removeThing } from '../../../../server/keeping/removing'
import { editGroup, getGroup } from '../../../../server/stores/people'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id }) => getGroup(db, id))

export const PUT = endpoint(async ({ db, id, body, now }) =>
  editGroup(db, id, checked(schemas.groupEdit, await body()), now),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'groups', id, doing))
