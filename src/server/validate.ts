import type { RecipeId, SessionId, YardId } from '../core/ids'
import Joi from 'joi'
import { catalogue, materials } from '../core/activities'
import { papers } from '../core/drawing'
import { LONGEST_SESSION, SHORTEST_SESSION } from '../core/planning'
import { ASKS, CLOCK_PARTS, rungs, schools } from '../core/teaching'
import { DOINGS, LANGUAGE_IDS } from '../core/wording'
import type { Recipe, Yard } from '../core/make'
import type { SavedPrint } from '../core/printables'
import type {
  Correction,
  GroupCount,
  Kept,
  OverruleWish,
  PackOrder,
  SentAnswer,
  SessionEdit,
  SessionWish,
  Settings,
} from '../core/records'
import { type Day, MOST_DAY_ROWS } from '../core/days'
import { day, picture, whatHappens } from './daySchemas'
import { recipe, yard } from './makeSchemas'
import type { Story } from '../core/stories'
import { story } from './storySchemas'
import { packThings, savedPrint, seed } from './printSchemas'
import { Problem } from './problem'
import { shape } from './shape'
import type { ChildEdit, Members, NewChild } from './stores/people'

const uuid = Joi.string().guid()
export const NAME_MOST = 60
export const GROUP_MOST = 30

/** A nickname or a group's name: any script, markup and emoji are text like any other; no control characters. */
const name = Joi.string()
  .trim()
  .min(1)
  .max(NAME_MOST)
  .pattern(/^\P{Cc}*$/u)
  .messages({
    'string.empty': `{{#label}} must be 1 to ${NAME_MOST} characters, got none`,
    'string.max': `{{#label}} must be 1 to ${NAME_MOST} characters, got {{#value.length}}`,
    'string.pattern.base': '{{#label}} must be one line of text without control characters',
  })
const version = Joi.number().integer().min(1)
const minutes = Joi.number().strict().integer().min(SHORTEST_SESSION).max(LONGEST_SESSION)
const minuteOfDay = Joi.number().strict().integer().min(0).max(1439)
const rung = Joi.string().valid(...rungs.map((each) => each.id))
const place = Joi.string().valid('table', 'floor', 'hall', 'outdoors')
const materialList = Joi.array()
  .items(Joi.string().valid(...Object.keys(materials)))
  .unique()
const date = Joi.string()
  .pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
  .messages({ 'string.pattern.base': '{{#label}} must be a date like 2026-11-25' })

const dialMinute = Joi.number().strict().integer().min(0).max(719)
const angle = Joi.number().strict().min(0).less(360)
const doing = Joi.string().valid(...DOINGS)
const part = Joi.string().valid(...CLOCK_PARTS)

/** One of several shapes, told apart by a field, so that a refusal names what is wrong inside the right one. */
function oneOf(by: string, shapes: Record<string, Joi.PartialSchemaMap>): Joi.ObjectSchema {
  const known = Joi.string()
    .valid(...Object.keys(shapes))
    .required()
  return Object.entries(shapes).reduce<Joi.ObjectSchema>(
    (schema, [name, fields]) =>
      schema.when(Joi.object({ [by]: Joi.valid(name).required() }).unknown(), { then: Joi.object(fields) }),
    Joi.object({ [by]: known }),
  )
}

const value = oneOf('kind', {
  time: { minute: dialMinute.required() },
  about: { minute: dialMinute.required() },
  minutes: { minutes: Joi.number().integer().min(0).max(60).required() },
  hands: { hour: angle.required(), minute: angle.required() },
  written: { text: Joi.string().allow('').max(200).required() },
  day: { minute: minuteOfDay.required() },
  duration: {
    hours: Joi.number().integer().min(0).max(24).required(),
    minutes: Joi.number().integer().min(0).max(999).required(),
  },
  part: { part: part.required() },
})

const length = Joi.number().strict().integer().min(1).max(720)
const shown = oneOf('as', {
  dial: { minute: dialMinute.required(), hands: Joi.string().valid('both', 'hour', 'minute').required() },
  words: { minute: dialMinute.required() },
  figures: { minute: dialMinute.required() },
  shift: {
    minute: minuteOfDay.required(),
    by: Joi.number().strict().integer().min(-720).max(720).invalid(0).required(),
  },
  span: {
    minute: minuteOfDay.required(),
    to: minuteOfDay.required(),
    whats: Joi.array().items(whatHappens).length(2),
  },
  steps: {
    minute: minuteOfDay.required(),
    steps: Joi.array().items(length).min(1).max(12).required(),
    what: whatHappens,
  },
  doing: { minute: minuteOfDay.required(), doing, what: whatHappens },
  day: { minute: minuteOfDay.required() },
  part: { minute: minuteOfDay.required(), part: part.required() },
  rows: {
    minute: minuteOfDay.required(),
    rows: Joi.array()
      .items(
        Joi.object({ minute: minuteOfDay.required(), doing, what: whatHappens, to: minuteOfDay, picture }).xor(
          'doing',
          'what',
        ),
      )
      .min(1)
      .max(MOST_DAY_ROWS)
      .required(),
  },
})

const item = Joi.object({
  rung: rung.required(),
  ask: Joi.string()
    .valid(...ASKS)
    .required(),
  shown: shown.required(),
  answer: value.required(),
  // An older version may have sent a misreading that no longer exists. It is kept as it came and explains nothing.
  lures: Joi.array()
    .items(Joi.object({ value: value.required(), misreading: Joi.string().max(60) }))
    .max(10)
    .required(),
})

const reason = Joi.string()
  .trim()
  .min(1)
  .max(300)
  .messages({ 'string.empty': '{{#label}} must say why, in 1 to 300 characters, got none' })
const age = Joi.number().strict().integer().min(2).max(99).allow(null)
const newChild = shape<NewChild>({ id: uuid.required(), name: name.required(), age })
const newChildren = Joi.array().items(newChild).max(GROUP_MOST)

export const schemas = {
  child: newChild,
  childEdit: shape<ChildEdit>({ version: version.required(), name: name.required(), age }),
  group: shape<Members & { id: string }>({
    id: uuid.required(),
    name: name.required(),
    childIds: Joi.array().items(uuid).unique().max(GROUP_MOST).required(),
    newChildren,
  }),
  groupEdit: shape<Members & { version: number }>({
    version: version.required(),
    name: name.required(),
    childIds: Joi.array().items(uuid).unique().max(GROUP_MOST).required(),
    newChildren,
  }),
  newSession: shape<SessionWish>({
    id: uuid.required(),
    groupId: uuid.required(),
    date: date.required(),
    start: minuteOfDay.required(),
    minutes: minutes.required(),
    place: place.required(),
    materials: materialList.required(),
  }),
  sessionEdit: shape<SessionEdit>({
    version: version.required(),
    date: date.required(),
    start: minuteOfDay.required(),
    minutes: minutes.required(),
    place: place.required(),
    materials: materialList.required(),
    note: Joi.string().allow('').max(2000).required(),
    rung: rung.required(),
    steps: Joi.array()
      .items(
        Joi.object({
          id: Joi.string().max(40).required(),
          activityId: Joi.string()
            .valid(...catalogue.map((activity) => activity.id))
            .required(),
          rung: rung.required(),
          minutes: Joi.number().strict().integer().min(1).max(LONGEST_SESSION).required(),
          why: Joi.string().allow('').max(1000).required(),
        }),
      )
      .unique('id')
      .max(20)
      .required(),
  }),
  done: shape<{ note?: string }>({ note: Joi.string().allow('').max(2000) }),
  answers: shape<{ answers: SentAnswer[] }>({
    answers: Joi.array()
      .items(
        Joi.object({
          id: uuid.required(),
          childId: uuid.required(),
          sessionId: uuid,
          at: Joi.number().integer().min(0).required(),
          item: item.required(),
          choices: Joi.number().integer().min(0).max(11).required(),
          given: value.required(),
          stage: Joi.string().valid('concrete', 'pictorial', 'abstract').required(),
          helped: Joi.boolean().required(),
          tookMs: Joi.number().integer().min(0).max(3_600_000),
          scaffolds: Joi.array().items(Joi.string().max(40)).max(12),
        }),
      )
      .min(1)
      .max(200)
      .required(),
  }),
  correction: shape<Correction>({
    given: value.required(),
    helped: Joi.boolean().required(),
    reason: reason.required(),
  }),
  removal: shape<{ reason: string }>({ reason: reason.required() }),
  overrule: shape<OverruleWish>({
    rung: rung.required(),
    verdict: Joi.string().valid('firm', 'not-firm').allow(null).required(),
    note: Joi.string().allow('').max(500).required(),
  }),
  note: shape<{ id: string; text: string }>({
    id: uuid.required(),
    text: Joi.string().trim().min(1).max(2000).required(),
  }),
  newRecipe: shape<Omit<Kept<Recipe>, 'version'>>({
    id: uuid.required(),
    name: name.required(),
    body: recipe.required(),
  }),
  recipeEdit: shape<Omit<Kept<Recipe>, 'id'>>({
    version: version.required(),
    name: name.required(),
    body: recipe.required(),
  }),
  newYard: shape<Omit<Kept<Yard>, 'version'>>({ id: uuid.required(), name: name.required(), body: yard.required() }),
  yardEdit: shape<Omit<Kept<Yard>, 'id'>>({
    version: version.required(),
    name: name.required(),
    body: yard.required(),
  }),
  count: shape<Omit<GroupCount, 'id'>>({
    sessionId: uuid.required(),
    at: Joi.number().integer().min(0).required(),
    item: item.required(),
    lines: Joi.array()
      .items(
        Joi.object({
          value: value.required(),
          helped: Joi.boolean().required(),
          count: Joi.number().integer().min(0).max(60).required(),
        }),
      )
      .min(1)
      .max(12)
      .required(),
  }),
  attach: shape<{ recipeId?: RecipeId | null; yardId?: YardId | null }>({
    recipeId: uuid.allow(null),
    yardId: uuid.allow(null),
  }),
  newPrint: shape<Omit<Kept<SavedPrint>, 'version'>>({
    id: uuid.required(),
    name: name.required(),
    body: savedPrint.required(),
  }),
  printEdit: shape<Omit<Kept<SavedPrint>, 'id'>>({
    version: version.required(),
    name: name.required(),
    body: savedPrint.required(),
  }),
  putPrint: shape<{ sessionId: SessionId | null }>({ sessionId: uuid.allow(null).required() }),
  newPack: shape<PackOrder>({
    id: uuid.required(),
    groupId: uuid.required(),
    things: packThings.required(),
    seed: seed.required(),
  }),
  newDay: shape<Omit<Kept<Day>, 'version'>>({ id: uuid.required(), name: name.required(), body: day.required() }),
  dayEdit: shape<Omit<Kept<Day>, 'id'>>({ version: version.required(), name: name.required(), body: day.required() }),
  newStory: shape<Omit<Kept<Story>, 'version'>>({ id: uuid.required(), name: name.required(), body: story.required() }),
  storyEdit: shape<Omit<Kept<Story>, 'id'>>({
    version: version.required(),
    name: name.required(),
    body: story.required(),
  }),
  recipeOnly: shape<{ recipe: Recipe }>({ recipe: recipe.required() }),
  yardOnly: shape<{ yard: Yard }>({ yard: yard.required() }),
  settings: shape<Settings>({
    version: version.required(),
    language: Joi.string()
      .valid(...LANGUAGE_IDS)
      .required(),
    form: Joi.string().valid('turns', 'minutes-past', 'digital').required(),
    school: Joi.string()
      .valid(...Object.keys(schools))
      .required(),
    paper: Joi.string()
      .valid(...Object.keys(papers))
      .required(),
    lowInk: Joi.boolean().required(),
    place: place.required(),
    materials: materialList.required(),
  }),
}

/** The checked body, or a 400 that names the field and what would be right. Its type is the schema's own. */
export function checked<T>(schema: Joi.ObjectSchema<T>, body: unknown): T {
  const { error, value: clean } = schema.validate(body, { abortEarly: true, errors: { wrap: { label: false } } })
  if (!error) return clean
  const detail = error.details[0]
  const field = detail?.path.reduce<string>(
    (path, part) => (typeof part === 'number' ? `${path}[${part}]` : path ? `${path}.${part}` : String(part)),
    '',
  )
  throw new Problem(400, 'This cannot be taken', {
    field: field || 'body',
    detail: withReceived(error.message, detail?.context?.value),
  })
}

/** What came, where the message does not say it yet. */
function withReceived(message: string, received: unknown): string {
  if (message.includes('got ') || received === undefined || typeof received === 'object') return `${message}.`
  const shown = String(received)
  return `${message}, got ${shown.length > 40 ? `${shown.slice(0, 40)}…` : shown}.`
}
