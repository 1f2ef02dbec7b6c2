import type { Day } from '../../../core/days'
import { endpoint } from '../../../server/http'
import { addKept, listKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listKept<Day>(db, 'days'))

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'days', checked(schemas.newDay, await body()), now),
)
