import { said } from '#words'
import { told, datePart } from '../../../core/wording'
import Joi from 'joi'
import { DEEDS } from '../../../core/keeping'
import { VERDICTS } from '../../../core/knowing'
import { type Item, isRight } from '../../../core/teaching'
import { answerBody, countLines, instant, item, rung, uuid } from '../../fields'
import { isAnswerBody } from '../../stores/readable'
import { plainText } from '../../text'
import { AT, type KindSpec, flag, nothing, type Doc } from './kind'
import { LONGEST_NOTE } from '../../../core/records'

/* What was answered, judged, noted and counted. */

const answerOnly = Joi.object({
  id: uuid.required(),
  childId: uuid.required(),
  sessionId: uuid,
  at: instant.required(),
  right: Joi.boolean().required(),
  // Beside an answer that was removed, so that it comes back as it was.
  receivedAt: instant.allow(null),
  deviceAt: instant.allow(null),
  ...answerBody,
})

const dateOf = ({ at }: Doc) => new Date(Number(at)).toISOString().slice(0, 10)

export const records: readonly KindSpec[] = [
  {
    id: 'answers',
    table: 'answers',
    one: told('answer'),
    many: told('answers'),
    key: ['id'],
    columns: {
      id: 'its id, a UUID',
      child_id: 'whose it is',
      session_id: 'the session that it was given in, or null',
      at: AT,
      right: '1 where it was right, else 0; worked out anew when it comes in',
      body: 'the question (item), what was answered (given), how many choices there were, the stage, helps, and how long it took',
      device_at: 'what the clock of the device said where that was wrong, or null',
      received_at: 'when it came to the server, or null where that is not known',
    },
    json: ['body'],
    schema: Joi.object({
      id: uuid.required(),
      child_id: uuid.required(),
      session_id: uuid.allow(null).required(),
      at: instant.required(),
      right: flag.required(),
      body: Joi.object(answerBody).required(),
      device_at: instant.allow(null).required(),
      received_at: instant.allow(null).required(),
    }).custom((doc: { right: number; body: { item: Item; given: never } }) => ({
      ...doc,
      right: isRight(doc.body.item, doc.body.given) ? 1 : 0,
    })),
    // There are many thousands of them, and each is checked by its schema as it comes in.
    isWhole: ({ body, at }) => isAnswerBody(body) && typeof at === 'number',
    refers: { child_id: 'children', session_id: 'sessions' },
    label: (doc) => said('Answer of {0}', datePart(dateOf(doc))),
  },
  {
    id: 'answer_changes',
    table: 'answer_changes',
    one: told('change of an answer'),
    many: told('changes of answers'),
    key: ['id'],
    columns: {
      id: 'its id, a UUID',
      child_id: 'whose answer it was',
      at: AT,
      what: 'corrected or removed',
      reason: 'why',
      before: 'the answer as it was',
      after: 'the answer as it is now, or null where it was removed',
    },
    json: ['before', 'after'],
    schema: Joi.object({
      id: uuid.required(),
      child_id: uuid.required(),
      at: instant.required(),
      what: Joi.string().valid('corrected', 'removed').required(),
      reason: plainText(300).required(),
      before: answerOnly.required(),
      after: answerOnly.allow(null).required(),
    }),
    isWhole: ({ before, after, at }) =>
      isAnswerBody(before) && (after === null || isAnswerBody(after)) && typeof at === 'number',
    refers: { child_id: 'children' },
    label: (doc) => String(doc.reason),
  },
  {
    id: 'overrules',
    table: 'overrules',
    one: told('judgement of yours'),
    many: told('judgements of yours'),
    key: ['child_id', 'rung'],
    columns: {
      child_id: 'the child',
      rung: 'the step',
      verdict: 'firm, not-firm or supposed',
      note: 'why',
      at: AT,
    },
    json: [],
    schema: Joi.object({
      child_id: uuid.required(),
      rung: rung.required(),
      verdict: Joi.string()
        .valid(...VERDICTS)
        .required(),
      note: plainText(500).allow('').required(),
      at: instant.required(),
    }),
    refers: { child_id: 'children' },
    label: (doc) => `${String(doc.rung)}: ${String(doc.verdict)}`,
  },
  {
    id: 'notes',
    table: 'notes',
    one: told('note'),
    many: told('notes'),
    key: ['id'],
    columns: { id: 'its id, a UUID', child_id: 'the child', at: AT, text: 'what the adult wrote down' },
    json: [],
    schema: Joi.object({
      id: uuid.required(),
      child_id: uuid.required(),
      at: instant.required(),
      text: plainText(LONGEST_NOTE).required(),
    }),
    refers: { child_id: 'children' },
    label: (doc) => String(doc.text).slice(0, 60),
  },
  {
    id: 'group_counts',
    table: 'group_counts',
    one: told('count of a group'),
    many: told('counts of groups'),
    key: ['id'],
    columns: { id: 'its id, a UUID', session_id: 'the session', at: AT, body: 'the question and how many showed what' },
    json: ['body'],
    schema: Joi.object({
      id: uuid.required(),
      session_id: uuid.required(),
      at: instant.required(),
      body: Joi.object({ item: item.required(), lines: countLines.required() }).required(),
    }),
    refers: { session_id: 'sessions' },
    label: (doc) => said('Count of {0}', datePart(dateOf(doc))),
  },
  {
    id: 'deeds',
    table: 'deeds',
    one: told('line of what was done'),
    many: told('lines of what was done'),
    key: ['id'],
    columns: {
      id: 'its id, a UUID',
      at: AT,
      what: 'what was done',
      detail: 'with what',
      device: 'on which device',
    },
    json: [],
    schema: Joi.object({
      id: uuid.required(),
      at: instant.required(),
      what: Joi.string()
        .valid(...Object.keys(DEEDS))
        .required(),
      detail: plainText(1000).allow('').required(),
      device: plainText(60).required(),
    }),
    refers: nothing,
    label: (doc) => String(doc.what),
  },
]
