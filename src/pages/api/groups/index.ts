import { endpoint } from '../../../server/http'
import { addGroup, listGroups } from '../../../server/stores/people'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listGroups(db))

export const POST = endpoint(async ({ db, now, body }) => {
  return addGroup(db, checked(schemas.group, await body()), now)
})
