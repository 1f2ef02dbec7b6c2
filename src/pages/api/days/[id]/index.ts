import type { Day } from '../../../../core/days'
import { endpoint } from '../../../../server/http'
import { editKept, getKept, removeKept } from '../../../../server/stores/kept'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<Day>(db, 'days', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'days', id, checked(schemas.dayEdit, await body())),
)

export const DELETE = endpoint(({ db, id }) => removeKept(db, 'days', id))
