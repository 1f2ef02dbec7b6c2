import { endpoint } from '../../../server/http'
import { type SessionWish, createSession } from '../../../server/sessions'
import { listSessions } from '../../../server/stores/sessions'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, query }) => listSessions(db, query.get('groupId') ?? undefined))

export const POST = endpoint(async ({ db, now, body }) =>
  createSession(db, checked<SessionWish>(schemas.newSession, await body()), now),
)
