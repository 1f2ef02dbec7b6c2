import { meetingsOf } from '../../../../core/planning'
import { endpoint } from '../../../../server/http'
import { termData } from '../../../../server/planning'
import { keepTerm } from '../../../../server/stores/terms'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id, now }) => termData(db, id, now))

export const PUT = endpoint(async ({ db, id, now, body }) => {
  const edit = checked(schemas.term, await body())
  // A term that cannot be is refused by its field.
  meetingsOf(edit.wish)
  return keepTerm(db, id, edit, now)
})
