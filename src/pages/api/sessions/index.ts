import { endpoint } from '../../../server/http'
import { createSession } from '../../../server/planning'
import { listSessions } from '../../../server/stores/sessions'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, query }) => listSessions(db, query.get('groupId') ?? undefined))

export const POST = endpoint(async ({ db, now, body }) =>
  createSession(db, checked(schemas.newSession, await body()), now),
)
