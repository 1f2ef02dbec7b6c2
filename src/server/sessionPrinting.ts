import Joi from 'joi'
import type { SessionId } from '../core/ids'
import type { Instant } from '../core/knowing'
import { ANSWER_WAY_IDS, type AnswerWay } from '../core/planning'
import { usualPaper } from '../core/records'
import type { Db } from './connection'
import { sessionContext } from './planning'
import type { SessionPrintWish } from './sessionPages'
import { shape } from './shape'
import { checked } from './validate'

interface PaperQuery {
  readonly answers?: AnswerWay
  readonly two?: boolean
  readonly lowInk?: boolean
  readonly for?: readonly string[]
  readonly from?: number
  readonly to?: number
  readonly mark?: string
}

const page = Joi.number().integer().min(1).max(1000)
const asked = shape<PaperQuery>({
  answers: Joi.string().valid(...ANSWER_WAY_IDS),
  two: Joi.boolean(),
  lowInk: Joi.boolean(),
  for: Joi.array().items(Joi.string().guid()).max(30),
  from: page,
  to: page,
  mark: Joi.string().hex().length(8),
})

/** What is asked for in the address of a session's pages, checked; what is left out is as usual. */
export async function sessionPrintWish(
  db: Db,
  id: SessionId,
  query: URLSearchParams,
  now: Instant,
): Promise<SessionPrintWish> {
  const children = query.getAll('for')
  const {
    from,
    to,
    mark,
    for: childIds,
    ...way
  } = checked(asked, {
    ...Object.fromEntries(query),
    for: children.length > 0 ? children : undefined,
  })
  const context = await sessionContext(db, id, now)
  return { context, wish: { ...usualPaper(context), ...way, childIds }, from, to, mark }
}
