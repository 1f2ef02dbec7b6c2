import type { SessionEdit } from '../../../../core/records'
import { endpoint } from '../../../../server/http'
import { sessionContext } from '../../../../server/sessions'
import { editSession, removeSession } from '../../../../server/stores/sessions'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id, now }) => sessionContext(db, id, now))

export const PUT = endpoint(async ({ db, id, body }) =>
  editSession(db, id, checked<SessionEdit>(schemas.sessionEdit, await body())),
)

export const DELETE = endpoint(({ db, id }) => removeSession(db, id))
