import { LONGEST_NAME } from '../core/records'
import Joi from 'joi'
import { isZone } from '../core/clock'
import { materials } from '../core/activities'
import { MOST_DAY_ROWS } from '../core/days'
import { LONGEST_SESSION, SHORTEST_SESSION } from '../core/planning'
import { papers } from '../core/drawing'
import { LOOK_IDS } from '../core/printables'
import { ASKS, CLOCK_PARTS, rungs, schools } from '../core/teaching'
import { DOINGS, LANGUAGE_IDS } from '../core/wording'
import { picture, whatHappens } from './daySchemas'
import { shape } from './shape'
import type { NewChild } from '../core/records'
import { plainDate, plainLine, plainText } from './text'

/* The fields that requests and files are made of, each checked in one place. */

export const uuid = Joi.string().guid()
export const GROUP_MOST = 30
/** The end of the year 9999: later than this is no instant of ours. */
const LATEST = 253_402_300_799_999

/** A nickname, a group's name, a title. */
export const name = plainLine(LONGEST_NAME).trim().min(1)
export const version = Joi.number().integer().min(1)
export const minutes = Joi.number().strict().integer().min(SHORTEST_SESSION).max(LONGEST_SESSION)
export const minuteOfDay = Joi.number().strict().integer().min(0).max(1439)
export const rung = Joi.string().valid(...rungs.map((each) => each.id))
export const place = Joi.string().valid('table', 'floor', 'hall', 'outdoors')
export const materialId = Joi.string().valid(...Object.keys(materials))
export const materialList = Joi.array().items(materialId).unique()
export const date = plainDate

export const dialMinute = Joi.number().strict().integer().min(0).max(719)
export const angle = Joi.number().strict().min(0).less(360)
export const doing = Joi.string().valid(...DOINGS)
export const part = Joi.string().valid(...CLOCK_PARTS)

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

export const value = oneOf('kind', {
  time: { minute: dialMinute.required() },
  about: { minute: dialMinute.required() },
  minutes: { minutes: Joi.number().integer().min(0).max(60).required() },
  hands: { hour: angle.required(), minute: angle.required() },
  written: { text: plainText(200).allow('').required() },
  day: { minute: minuteOfDay.required() },
  duration: {
    hours: Joi.number().integer().min(0).max(24).required(),
    minutes: Joi.number().integer().min(0).max(999).required(),
  },
  part: { part: part.required() },
})

export const length = Joi.number().strict().integer().min(1).max(720)
export const shown = oneOf('as', {
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

export const item = Joi.object({
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

export const reason = plainText(300).trim().min(1)
export const age = Joi.number().strict().integer().min(2).max(99).allow(null)
export const newChild = shape<NewChild>({ id: uuid.required(), name: name.required(), age, startsAt: rung })
export const newChildren = Joi.array().items(newChild).max(GROUP_MOST)

export const instant = Joi.number().integer().min(0).max(LATEST)

export const countLines = Joi.array()
  .items(
    Joi.object({
      value: value.required(),
      helped: Joi.boolean().required(),
      count: Joi.number().integer().min(0).max(60).required(),
    }),
  )
  .min(1)
  .max(12)

/** What an answer has beside whose it is and when it was given. */
export const answerBody = {
  item: item.required(),
  choices: Joi.number().integer().min(0).max(11).required(),
  given: value.required(),
  stage: Joi.string().valid('concrete', 'pictorial', 'abstract').required(),
  helped: Joi.boolean().required(),
  tookMs: Joi.number().integer().min(0).max(3_600_000),
  scaffolds: Joi.array().items(Joi.string().max(40)).max(12),
}

const MOST_IN_CUPBOARD = 9999
/** Ids of activities, those of one's own among them, which may be gone by now. */
const markedActivities = Joi.array().items(Joi.string().max(60)).unique().max(500).default([])

/** Left out where nobody has said it: then the place is in the zone of the machine. */
const zone = Joi.string()
  .max(60)
  .custom((name: string, helpers) => (isZone(name) ? name : helpers.error('zone.known')))

/** How times are put. */
export const sayingForm = Joi.string().valid('turns', 'minutes-past', 'digital')

export const settingsBody = {
  language: Joi.string()
    .valid(...LANGUAGE_IDS)
    .required(),
  form: sayingForm.required(),
  school: Joi.string()
    .valid(...Object.keys(schools))
    .required(),
  paper: Joi.string()
    .valid(...Object.keys(papers))
    .required(),
  lowInk: Joi.boolean().required(),
  // Rules that came later are left out by older versions: then they are as usual.
  grey: Joi.boolean(),
  look: Joi.string().valid(...LOOK_IDS),
  place: place.required(),
  zone: zone.optional(),
  materials: materialList.required(),
  favourites: markedActivities,
  notForUs: markedActivities,
  cupboard: Joi.object().pattern(materialId, Joi.number().strict().integer().min(0).max(MOST_IN_CUPBOARD)).default({}),
}
