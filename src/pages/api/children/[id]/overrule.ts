import { endpoint } from '../../../../server/http'
import { overruleRung } from '../../../../server/stores/judgement'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, doing, body }) =>
  overruleRung(db, id, checked(schemas.overrule, await body()), doing),
)
