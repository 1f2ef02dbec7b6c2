import Joi from 'joi'
import type { Item } from '../../core/teaching'
import { isRight } from '../../core/teaching'
import { DEEDS } from '../../core/keeping'
import { day } from '../daySchemas'
import {
  GROUP_MOST,
  age,
  answerBody,
  countLines,
  date,
  instant,
  item,
  materialList,
  minuteOfDay,
  minutes,
  name,
  place,
  rung,
  settingsBody,
  uuid,
  version,
} from '../fields'
import { isAnswerBody, isObject } from '../stores/readable'
import { recipe, yard } from '../makeSchemas'
import { groupRules, ownActivityBody, stepRow, termBody } from '../planningSchemas'
import { savedPrint } from '../printSchemas'
import { story } from '../storySchemas'
import { plainText } from '../text'

/*
 * All that is kept, in one table: what goes into the file of the whole workspace and comes back from it, what a backup
 * is compared by, and what goes with a child. Order matters: what others refer to comes first.
 */

/** One thing as it stands in a file: its columns by name, JSON columns as they are, and its parts in their order. */
export type Doc = Readonly<Record<string, unknown>>

/** Rows of another table that belong to a thing and stand inside it. */
interface Parts {
  readonly field: string
  readonly table: string
  /** The column that names the thing they belong to. */
  readonly by: string
  readonly columns: Readonly<Record<string, string>>
  /** Columns that are JSON in the database and plain in the file. */
  readonly json: readonly string[]
}

export interface Kind {
  /** Its name in the file, which is its table's too unless `table` says otherwise. */
  readonly id: KindId
  readonly table: string
  /** What one and several of them are called. */
  readonly one: string
  readonly many: string
  /** Columns that tell one from another. */
  readonly key: readonly string[]
  /** Each column and what it means. */
  readonly columns: Readonly<Record<string, string>>
  /** Columns that are JSON in the database and plain in the file. */
  readonly json: readonly string[]
  readonly parts?: Parts
  readonly schema: Joi.ObjectSchema
  /** Whether what was read has what every view reads first. What has not is damaged. */
  readonly isWhole: (doc: Doc) => boolean
  /** Kinds by the column that refers to them: what is referred to must be there. */
  readonly refers: Readonly<Record<string, KindId>>
  /** How one is named where it is listed. */
  readonly label: (doc: Doc) => string
}

export const KIND_IDS = [
  'settings',
  'children',
  'groups',
  'terms',
  'own_activities',
  'recipes',
  'yards',
  'days',
  'stories',
  'sessions',
  'prints',
  'answers',
  'answer_changes',
  'overrules',
  'notes',
  'group_counts',
  'deeds',
] as const
export type KindId = (typeof KIND_IDS)[number]

const VERSION = 'how often it was changed, from 1'
const CREATED = 'when it was made, in milliseconds since 1970'
const AT = 'when, in milliseconds since 1970'
const created = { created_at: instant.required() }
const named = { id: 'its id, a UUID', name: 'its name', version: VERSION, created_at: CREATED }
const hasBody = (doc: Doc) => isObject(doc.body)
const always = () => true
const byName = (doc: Doc) => String(doc.name)
const nothing = {} as const

/** What is kept by name with a body of its own. */
function shelf(id: KindId, [one, many]: readonly [string, string], body: Joi.Schema, more: Partial<Kind> = {}): Kind {
  const fields = { id: uuid.required(), name: name.required(), body: body.required(), version: version.required() }
  return {
    id,
    table: id,
    one,
    many,
    key: ['id'],
    columns: { ...named, body: `the ${one} itself` },
    json: ['body'],
    schema: Joi.object({ ...fields, ...created }),
    isWhole: hasBody,
    refers: nothing,
    label: byName,
    ...more,
  }
}

const answerOnly = Joi.object({
  id: uuid.required(),
  childId: uuid.required(),
  sessionId: uuid,
  at: instant.required(),
  right: Joi.boolean().required(),
  ...answerBody,
})

const flag = Joi.number().valid(0, 1)

const people: readonly Kind[] = [
  {
    id: 'settings',
    table: 'settings',
    one: 'set of house rules',
    many: 'house rules',
    key: ['id'],
    columns: { id: 'always 1', body: 'the house rules', version: VERSION },
    json: ['body'],
    schema: Joi.object({
      id: Joi.valid(1).required(),
      body: Joi.object(settingsBody).required(),
      version: version.required(),
    }),
    isWhole: hasBody,
    refers: nothing,
    label: () => 'House rules',
  },
  {
    id: 'children',
    table: 'children',
    one: 'child',
    many: 'children',
    key: ['id'],
    columns: { ...named, name: 'the nickname', age: 'in years, or null' },
    json: [],
    schema: Joi.object({
      id: uuid.required(),
      name: name.required(),
      age: age.required(),
      version: version.required(),
      ...created,
    }),
    isWhole: always,
    refers: nothing,
    label: byName,
  },
  {
    id: 'groups',
    table: 'groups',
    one: 'group',
    many: 'groups',
    key: ['id'],
    columns: { ...named, rules: 'what is otherwise with it than in the house rules' },
    json: ['rules'],
    parts: {
      field: 'children',
      json: [],
      table: 'group_children',
      by: 'group_id',
      columns: { child_id: 'the id of a child that is in it; in the order of the group' },
    },
    schema: Joi.object({
      id: uuid.required(),
      name: name.required(),
      version: version.required(),
      rules: groupRules.required(),
      ...created,
      children: Joi.array()
        .items(Joi.object({ child_id: uuid.required() }))
        .unique('child_id')
        .max(GROUP_MOST)
        .required(),
    }),
    isWhole: ({ rules }) => isObject(rules),
    refers: nothing,
    label: byName,
  },
  {
    id: 'terms',
    table: 'terms',
    one: 'term',
    many: 'terms',
    key: ['group_id'],
    columns: {
      group_id: 'the id of its group',
      body: 'how often the group meets and until when (wish), the forecast that was kept with it, and when',
      version: VERSION,
      created_at: CREATED,
    },
    json: ['body'],
    schema: Joi.object({
      group_id: uuid.required(),
      body: termBody.required(),
      version: version.required(),
      ...created,
    }),
    isWhole: hasBody,
    refers: { group_id: 'groups' },
    label: () => 'Term',
  },
]

const sessions: Kind = {
  id: 'sessions',
  table: 'sessions',
  one: 'session',
  many: 'sessions',
  key: ['id'],
  columns: {
    id: 'its id, a UUID',
    group_id: 'the id of its group',
    date: 'the day, such as 2026-11-28',
    start: 'when it begins, in minutes since midnight',
    minutes: 'how long it is',
    place: 'where: table, floor, hall or outdoors',
    materials: 'what is to hand',
    rung: 'the rung that it is for',
    seed: 'the number that its plan was made from',
    note: 'what the adult wrote down',
    recipe_id: 'the id of the made clock that goes with it, or null',
    yard_id: 'the id of the floor clock that goes with it, or null',
    printed_at: 'when its pages were asked for, or null',
    done_at: 'when it was held, or null',
    version: VERSION,
    created_at: CREATED,
  },
  json: ['materials'],
  parts: {
    field: 'steps',
    table: 'session_steps',
    by: 'session_id',
    json: ['own', 'stations'],
    columns: {
      id: 'the step’s own id',
      activity_id: 'the activity',
      rung: 'the rung that it is for',
      minutes: 'how long it is',
      why: 'why it was chosen',
      locked: '1 where it stays when another plan is built, else 0',
      took_seconds: 'how long it really took, or null',
      own: 'an activity of one’s own as it was then, or null',
      stations: 'the teams and what is at each station, or null',
    },
  },
  schema: Joi.object({
    id: uuid.required(),
    group_id: uuid.required(),
    date: date.required(),
    start: minuteOfDay.required(),
    minutes: minutes.required(),
    place: place.required(),
    materials: materialList.required(),
    rung: rung.required(),
    seed: Joi.number().integer().required(),
    note: plainText(2000).allow('').required(),
    recipe_id: uuid.allow(null).required(),
    yard_id: uuid.allow(null).required(),
    printed_at: instant.allow(null).required(),
    done_at: instant.allow(null).required(),
    version: version.required(),
    ...created,
    steps: Joi.array().items(stepRow).unique('id').max(20).required(),
  }),
  isWhole: (doc) => Array.isArray(doc.materials),
  refers: { group_id: 'groups' },
  label: (doc) => `Session of ${String(doc.date)}`,
}

const records: readonly Kind[] = [
  {
    id: 'answers',
    table: 'answers',
    one: 'answer',
    many: 'answers',
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
    isWhole: ({ body }) => isAnswerBody(body),
    refers: { child_id: 'children', session_id: 'sessions' },
    label: (doc) => `Answer of ${new Date(Number(doc.at)).toISOString().slice(0, 10)}`,
  },
  {
    id: 'answer_changes',
    table: 'answer_changes',
    one: 'change of an answer',
    many: 'changes of answers',
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
    isWhole: ({ before, after }) => isAnswerBody(before) && (after === null || isAnswerBody(after)),
    refers: { child_id: 'children' },
    label: (doc) => String(doc.reason),
  },
  {
    id: 'overrules',
    table: 'overrules',
    one: 'judgement of yours',
    many: 'judgements of yours',
    key: ['child_id', 'rung'],
    columns: {
      child_id: 'the child',
      rung: 'the rung',
      verdict: 'firm or not-firm',
      note: 'why',
      at: AT,
    },
    json: [],
    schema: Joi.object({
      child_id: uuid.required(),
      rung: rung.required(),
      verdict: Joi.string().valid('firm', 'not-firm').required(),
      note: plainText(500).allow('').required(),
      at: instant.required(),
    }),
    isWhole: always,
    refers: { child_id: 'children' },
    label: (doc) => `${String(doc.rung)}: ${String(doc.verdict)}`,
  },
  {
    id: 'notes',
    table: 'notes',
    one: 'note',
    many: 'notes',
    key: ['id'],
    columns: { id: 'its id, a UUID', child_id: 'the child', at: AT, text: 'what the adult wrote down' },
    json: [],
    schema: Joi.object({
      id: uuid.required(),
      child_id: uuid.required(),
      at: instant.required(),
      text: plainText(2000).required(),
    }),
    isWhole: always,
    refers: { child_id: 'children' },
    label: (doc) => String(doc.text).slice(0, 60),
  },
  {
    id: 'group_counts',
    table: 'group_counts',
    one: 'count of a group',
    many: 'counts of groups',
    key: ['id'],
    columns: { id: 'its id, a UUID', session_id: 'the session', at: AT, body: 'the question and how many showed what' },
    json: ['body'],
    schema: Joi.object({
      id: uuid.required(),
      session_id: uuid.required(),
      at: instant.required(),
      body: Joi.object({ item: item.required(), lines: countLines.required() }).required(),
    }),
    isWhole: hasBody,
    refers: { session_id: 'sessions' },
    label: (doc) => `Count of ${new Date(Number(doc.at)).toISOString().slice(0, 10)}`,
  },
  {
    id: 'deeds',
    table: 'deeds',
    one: 'line of what was done',
    many: 'lines of what was done',
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
    isWhole: always,
    refers: nothing,
    label: (doc) => String(doc.what),
  },
]

const all: readonly Kind[] = [
  ...people,
  shelf('own_activities', ['activity of your own', 'activities of your own'], ownActivityBody),
  shelf('recipes', ['made clock', 'made clocks'], recipe),
  shelf('yards', ['floor clock', 'floor clocks'], yard),
  shelf('days', ['day', 'days'], day),
  shelf('stories', ['story', 'stories'], story),
  sessions,
  shelf('prints', ['kept print', 'kept prints'], savedPrint, {
    columns: { ...named, body: 'which print, with its options and its seed', session_id: 'the session, or null' },
    schema: Joi.object({
      id: uuid.required(),
      name: name.required(),
      body: savedPrint.required(),
      version: version.required(),
      session_id: uuid.allow(null).required(),
      ...created,
    }),
    refers: { session_id: 'sessions' },
  }),
  ...records,
]

export const kinds = Object.fromEntries(all.map((kind) => [kind.id, kind])) as Readonly<Record<KindId, Kind>>

/** Tables that are in no file, and why. A test holds that each table is in `kinds` or here. */
export const LEFT_OUT: Readonly<Record<string, string>> = {
  undos: 'what can still be undone, for some minutes only',
  set_aside: 'rows that could not be read; they are in a part of their own, as they are',
  gone: 'ids of answers that were taken back and of children that were removed, for some days, so that other devices forget them',
  devices: 'which devices may come in, which is of no use anywhere else',
  keeping: 'where backups go and the hash of the passcode, which belong to this machine',
}
