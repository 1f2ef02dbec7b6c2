import type { SavedPrint } from '../../../core/printables'
import type { Kept } from '../../../core/records'
import { endpoint } from '../../../server/http'
import { addKept, listKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listKept<SavedPrint>(db, 'prints'))

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'prints', checked<Omit<Kept<SavedPrint>, 'version'>>(schemas.newPrint, await body()), now),
)
