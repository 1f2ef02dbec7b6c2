import type { SavedPrint } from '../../../../core/printables'
import type { Kept } from '../../../../core/records'
import { endpoint } from '../../../../server/http'
import { removeThing } from '../../../../server/keeping/removing'
import { editKept, getKept } from '../../../../server/stores/kept'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<SavedPrint>(db, 'prints', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'prints', id, checked<Omit<Kept<SavedPrint>, 'id'>>(schemas.printEdit, await body())),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'prints', id, doing))
