import { endpoint } from '../../../server/http'
import { type NewChild, addGroup, listGroups } from '../../../server/stores/people'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listGroups(db))

export const POST = endpoint(async ({ db, now, body }) => {
  const group = checked<{ id: string; name: string; childIds: string[]; newChildren?: NewChild[] }>(schemas.group, await body())
  return addGroup(db, group, now)
}) // prettier-ignore
