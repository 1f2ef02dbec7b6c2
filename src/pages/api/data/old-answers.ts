import { endpoint } from '../../../server/http'
import { countAnswersBefore, forgetAnswersBefore } from '../../../server/keeping/oldAnswers'
import { checked, schemas } from '../../../server/validate'

const startOf = (date: string) => Date.parse(`${date}T00:00:00Z`)

export const GET = endpoint(async ({ db, query }) => {
  const { before } = checked(schemas.oldAnswers, { before: query.get('before') ?? '' })
  return { count: await countAnswersBefore(db, startOf(before)) }
})

export const POST = endpoint(async ({ db, body, doing }) =>
  forgetAnswersBefore(db, startOf(checked(schemas.oldAnswers, await body()).before), doing),
)
