import { endpoint } from '../../../server/http'
import { editGroup, getGroup, removeGroup } from '../../../server/stores/people'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, id }) => getGroup(db, id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editGroup(db, id, checked<{ version: number; name: string; childIds: string[] }>(schemas.groupEdit, await body())),
)

export const DELETE = endpoint(({ db, id }) => removeGroup(db, id))
