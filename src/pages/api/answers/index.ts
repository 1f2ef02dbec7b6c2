import { endpoint } from '../../../server/http'
import { listAnswers, recordAnswers } from '../../../server/stores/answers'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db, query }) =>
  listAnswers(db, { childId: query.get('childId') ?? undefined, sessionId: query.get('sessionId') ?? undefined }),
)

export const POST = endpoint(async ({ db, now, body }) => {
  const { answers, sentAt } = checked(schemas.answers, await body())
  return recordAnswers(db, answers, now, sentAt)
})
