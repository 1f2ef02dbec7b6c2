import Joi from 'joi'
import { LEADS, MOST_OWN_STEPS, STATIONS_ID, catalogue, type OwnActivityBody } from '../core/activities'
import { cautions } from '../core/make'
import { games } from '../core/movement'
import {
  FEWEST_STATIONS,
  LONGEST_SESSION,
  LONGEST_TOOK_SECONDS,
  MOST_HOLIDAYS,
  MOST_HOME_MINUTES,
  MOST_STATIONS,
  SHARES,
  LEARNING_PACES,
} from '../core/planning'
import { printables } from '../core/printables'
import type { Forecast, FirmWhen, TermWish } from '../core/planning'
import type { GroupRules, KeptTerm, TermEdit } from '../core/records'
import { STAGES } from '../core/teaching'
import {
  GROUP_MOST,
  date,
  instant,
  materialId,
  materialList,
  minutes,
  name,
  place,
  rung,
  settingsBody,
  uuid,
} from './fields'
import { shape } from './shape'
import { plainText } from './text'

/* What is sent and kept of planning: terms, activities of one's own, the rules of a group. */

const weekday = Joi.number().strict().integer().min(0).max(6)

export const termWish = shape<TermWish>({
  from: date.required(),
  until: date.required(),
  weekdays: Joi.array().items(weekday).unique().min(1).required(),
  minutes: minutes.required(),
  homeMinutes: Joi.number().strict().integer().min(0).max(MOST_HOME_MINUTES).required(),
  goal: rung.allow(null).required(),
  holidays: Joi.array()
    .items(Joi.object({ from: date.required(), until: date.required() }))
    .max(MOST_HOLIDAYS)
    .required(),
  school: settingsBody.school,
})

const share = Joi.number().min(0).max(1).required()
const datesOf = (keys: readonly (string | number)[]) =>
  Joi.object(Object.fromEntries(keys.map((each) => [String(each), date.allow(null).required()])))
const firmWhen = shape<FirmWhen>({
  rung: rung.required(),
  byEnd: share,
  by: datesOf(SHARES).required(),
  byPace: datesOf(LEARNING_PACES),
})
const rungShares = Joi.array()
  .items(Joi.object({ rung: rung.required(), share }))
  .max(20)
  .required()

export const forecast = shape<Forecast>({
  runs: Joi.number().integer().min(1).max(1_000_000).required(),
  children: Joi.array()
    .items(
      Joi.object({
        childId: uuid.required(),
        rungs: Joi.array().items(firmWhen).max(20).required(),
      }),
    )
    .max(GROUP_MOST)
    .required(),
  weeks: Joi.array()
    .items(
      Joi.object({
        monday: date.required(),
        meetings: Joi.array().items(date).max(7).required(),
        works: rungShares,
        back: rungShares,
      }),
    )
    .max(61)
    .required(),
  goal: firmWhen,
})

export const termBody = shape<Omit<KeptTerm, 'version'>>({
  wish: termWish.required(),
  forecast: forecast.required(),
  at: instant.required(),
})

/** Version 0 where no term was kept yet. */
export const termEdit = shape<TermEdit>({
  wish: termWish.required(),
  forecast: forecast.required(),
  version: Joi.number().strict().integer().min(0).required(),
})

const { language, form, school, paper, lowInk, grey, look } = settingsBody
export const groupRules = shape<GroupRules>({
  language: language.optional(),
  form: form.optional(),
  school: school.optional(),
  paper: paper.optional(),
  lowInk: lowInk.optional(),
  grey: grey.optional(),
  look: look.optional(),
  place,
  materials: materialList,
})

const words = (most: number) => plainText(most).trim().allow('').required()
const count = (least: number, most: number) => Joi.number().strict().integer().min(least).max(most).required()
const oneOf = (values: readonly string[]) => Joi.string().valid(...values)

const ownActivityFields: { readonly [Field in keyof Required<OwnActivityBody>]: Joi.Schema } = {
  stage: oneOf(STAGES).required(),
  role: oneOf(['teach', 'break']).required(),
  rungs: Joi.array().items(rung).unique().min(1).required(),
  energy: oneOf(['seated', 'standing', 'moving']).required(),
  places: Joi.array().items(place).unique().min(1).required(),
  players: Joi.object({ least: count(1, 30), most: count(1, 30) }).required(),
  tableOf: Joi.number().strict().integer().min(1).max(30),
  duration: Joi.object({
    setUpMinutes: count(0, 60),
    clearMinutes: count(0, 60),
    turnSeconds: count(1, 3600),
    turns: oneOf(['together', 'in-turn']).required(),
    rounds: Joi.object({ least: count(1, 200), usual: count(1, 200), most: count(1, 200) }).required(),
  }).required(),
  needs: Joi.array()
    .items(
      Joi.object({ material: materialId.required(), amount: count(1, 200), per: oneOf(['child', 'group']).required() }),
    )
    .unique('material')
    .max(20)
    .required(),
  prints: oneOf([...Object.keys(printables), 'paper-clock', 'none']).required(),
  tableMode: oneOf(['show-clock', 'quick-check', 'timer']).required(),
  writes: Joi.boolean().valid(true),
  leads: oneOf(LEADS),
  game: oneOf(Object.keys(games)),
  cautions: Joi.array()
    .items(oneOf(Object.keys(cautions)))
    .unique()
    .required(),
  steps: Joi.array().items(plainText(300).trim().min(1)).min(1).max(MOST_OWN_STEPS).required(),
  say: words(300),
  lookFor: words(300),
  easier: words(300),
  harder: words(300),
}
export const ownActivityBody = Joi.object<OwnActivityBody>(ownActivityFields)

/** An activity of the catalogue, or one of one's own, which stands in the step whole. */
/** An activity of the catalogue, or stations. */
export const catalogueId = Joi.string()
  .valid(STATIONS_ID, ...catalogue.map((activity) => activity.id))
  .required()

const activityId = Joi.when('own', { is: Joi.object().required(), then: uuid.required(), otherwise: catalogueId })
export const own = Joi.object({ id: uuid.required(), name: name.required(), ...ownActivityFields })
/** A text of ours with what fills its places, or one that an earlier version kept as a whole. */
export const told = Joi.alternatives(
  plainText(1000).allow(''),
  Joi.object({
    text: plainText(1000).allow('').required(),
    values: Joi.array().max(100).items(plainText(1000).allow(''), Joi.number(), Joi.link('#filling')).required(),
  }).id('filling'),
)
const stepFields = {
  id: Joi.string().max(40).required(),
  rung: rung.required(),
  minutes: Joi.number().strict().integer().min(1).max(LONGEST_SESSION).required(),
  why: told.required(),
}
const tookSeconds = Joi.number().strict().integer().min(1).max(LONGEST_TOOK_SECONDS)
export const stations = Joi.object({
  teams: Joi.array()
    .items(Joi.object({ childIds: Joi.array().items(uuid).unique().max(GROUP_MOST).required(), rung: rung.required() }))
    .min(FEWEST_STATIONS)
    .max(MOST_STATIONS)
    .required(),
  // Each team goes to each station once.
  list: Joi.array()
    .items(Joi.object({ activityId, own, led: oneOf(['adult', 'helper', 'alone']).required() }))
    .length(Joi.ref('teams', { adjust: (teams: unknown) => (Array.isArray(teams) ? teams.length : 0) }))
    .required(),
})
/** A step of a session as it is sent. */
export const step = Joi.object({
  ...stepFields,
  activityId,
  own,
  stations,
  locked: Joi.boolean().strict(),
  tookSeconds,
})
/** A step as it is kept. */
export const stepRow = Joi.object({
  ...stepFields,
  activity_id: activityId,
  own: own.allow(null).required(),
  stations: stations.allow(null).required(),
  locked: Joi.number().valid(0, 1).required(),
  took_seconds: tookSeconds.allow(null).required(),
})
