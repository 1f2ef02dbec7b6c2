import type { Yard } from '../../../core/make'
import type { Kept } from '../../../core/records'
import { endpoint } from '../../../server/http'
import { addKept, listKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listKept<Yard>(db, 'yards'))

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'yards', checked<Omit<Kept<Yard>, 'version'>>(schemas.newYard, await body()), now),
)
