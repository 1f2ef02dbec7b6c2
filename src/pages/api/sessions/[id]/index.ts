import { endpoint } from '../../../../server/http'
import { removeThing } from '../../../../server/keeping/removing'
import { sessionContext } from '../../../../server/planning'
import { editSession } from '../../../../server/stores/sessions'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id, now }) => sessionContext(db, id, now))

export const PUT = endpoint(async ({ db, id, body }) => editSession(db, id, checked(schemas.sessionEdit, await body())))

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'sessions', id, doing))
