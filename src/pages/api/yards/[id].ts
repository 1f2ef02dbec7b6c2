import type { Yard } from '../../../core/make'
import type { Kept } from '../../../core/records'
import { endpoint } from '../../../server/http'
import { removeThing } from '../../../server/keeping/removing'
import { editKept, getKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<Yard>(db, 'yards', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'yards', id, checked<Omit<Kept<Yard>, 'id'>>(schemas.yardEdit, await body())),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'yards', id, doing))
