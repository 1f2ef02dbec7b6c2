import type { OwnActivityBody } from '../../../core/activities'
import { endpoint } from '../../../server/http'
import { checkedActivity } from '../../../server/activities'
import { addKept, listKept } from '../../../server/stores/kept'
import { schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listKept<OwnActivityBody>(db, 'own_activities'))

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'own_activities', checkedActivity(schemas.newActivity, await body()), now),
)
