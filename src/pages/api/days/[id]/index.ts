import type { Day } from '../../../../core/days'
import { endpoint } from '../../../../server/http'
import { removeThing } from '../../../../server/keeping/removing'
import { editKept, getKept } from '../../../../server/stores/kept'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<Day>(db, 'days', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'days', id, checked(schemas.dayEdit, await body())),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'days', id, doing))
