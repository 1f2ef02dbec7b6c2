import { endpoint } from '../../../server/http'
import { childReports } from '../../../server/reports'
import { addChild } from '../../../server/stores/people'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, now }) => childReports(db, now))

export const POST = endpoint(async ({ db, now, body }) => addChild(db, checked(schemas.child, await body()), now))
