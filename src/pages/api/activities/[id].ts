import type { OwnActivityBody } from '../../../core/activities'
import { endpoint } from '../../../server/http'
import { checkedActivity } from '../../../server/activities'
import { removeThing } from '../../../server/keeping/removing'
import { editKept, getKept } from '../../../server/stores/kept'
import { schemas } from '../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<OwnActivityBody>(db, 'own_activities', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'own_activities', id, checkedActivity(schemas.activityEdit, await body())),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'own_activities', id, doing))
