import { endpoint } from '../../../../server/http'
import { correctAnswer, takeBackAnswer } from '../../../../server/stores/answers'
import { checked, schemas } from '../../../../server/validate'

export const PUT = endpoint(async ({ db, id, now, body }) =>
  correctAnswer(db, id, checked(schemas.correction, await body()), now),
)

export const DELETE = endpoint(({ db, id, now }) => takeBackAnswer(db, id, now))
