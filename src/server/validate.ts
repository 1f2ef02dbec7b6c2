import { said } from '#words'
import { told, asPart, inAList, ownWords } from '../core/wording'
import type { RecipeId, SessionId, YardId } from '../core/ids'
import Joi from 'joi'
import type { OwnActivityBody } from '../core/activities'
import type { Recipe, Yard } from '../core/make'
import type { SavedPrint } from '../core/printables'
import {
  type Correction,
  type GroupCount,
  type Kept,
  type OverruleWish,
  type PackOrder,
  type SentAnswer,
  type SessionEdit,
  type SessionWish,
  type Settings,
  LONGEST_NOTE,
} from '../core/records'
import type { Day } from '../core/days'
import { day, picture } from './daySchemas'
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
  newChild,
  newChildren,
  place,
  reason,
  rung,
  settingsBody,
  uuid,
  value,
  version,
} from './fields'
import { recipe, yard } from './makeSchemas'
import type { Story } from '../core/stories'
import { story } from './storySchemas'
import { groupRules, ownActivityBody, step, termEdit } from './planningSchemas'
import { answerWay, packThings, savedPrint, seed } from './printSchemas'
import { FEWEST_BACKUPS, MOST_BACKUPS } from '../core/keeping'
import { SHORTEST_PASSCODE } from './guard/address'
import { asSentence, fieldInWords, pathOf } from './fieldNames'
import type { Keeping } from './keeping/keeping'
import { Problem } from './problem'
import { CHECKED_BY, refusalOf, withReceived } from './refusals'
import { shape } from './shape'
import type { ChildEdit, Members } from './stores/people'
import { plainText } from './text'

export const schemas = {
  child: newChild,
  childEdit: shape<ChildEdit>({
    version: version.required(),
    name: name.required(),
    age,
    picture: picture.allow(null),
  }),
  group: shape<Members & { id: string }>({
    id: uuid.required(),
    name: name.required(),
    childIds: Joi.array().items(uuid).unique().max(GROUP_MOST).required(),
    newChildren,
    rules: groupRules,
  }),
  groupEdit: shape<Members & { version: number }>({
    version: version.required(),
    name: name.required(),
    childIds: Joi.array().items(uuid).unique().max(GROUP_MOST).required(),
    newChildren,
    rules: groupRules,
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
  sessionCopy: shape<Pick<SessionWish, 'id' | 'date'>>({ id: uuid.required(), date: date.required() }),
  sessionEdit: shape<SessionEdit>({
    version: version.required(),
    date: date.required(),
    start: minuteOfDay.required(),
    minutes: minutes.required(),
    place: place.required(),
    materials: materialList.required(),
    note: plainText(LONGEST_NOTE).allow('').required(),
    rung: rung.required(),
    steps: Joi.array().items(step).unique('id').max(20).required(),
  }),
  done: shape<{ note?: string }>({ note: plainText(LONGEST_NOTE).allow('') }),
  answers: shape<{ answers: SentAnswer[]; sentAt?: number }>({
    sentAt: instant,
    answers: Joi.array()
      .items(
        Joi.object({
          id: uuid.required(),
          childId: uuid.required(),
          sessionId: uuid,
          at: instant.required(),
          ...answerBody,
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
    note: plainText(500).allow('').required(),
  }),
  note: shape<{ id: string; text: string }>({
    id: uuid.required(),
    text: plainText(LONGEST_NOTE).trim().min(1).required(),
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
    at: instant.required(),
    item: item.required(),
    lines: countLines.required(),
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
    answersOnPaper: answerWay,
  }),
  newDay: shape<Omit<Kept<Day>, 'version'>>({ id: uuid.required(), name: name.required(), body: day.required() }),
  dayEdit: shape<Omit<Kept<Day>, 'id'>>({ version: version.required(), name: name.required(), body: day.required() }),
  newStory: shape<Omit<Kept<Story>, 'version'>>({ id: uuid.required(), name: name.required(), body: story.required() }),
  storyEdit: shape<Omit<Kept<Story>, 'id'>>({
    version: version.required(),
    name: name.required(),
    body: story.required(),
  }),
  term: termEdit,
  newActivity: shape<Omit<Kept<OwnActivityBody>, 'version'>>({
    id: uuid.required(),
    name: name.required(),
    body: ownActivityBody.required(),
  }),
  activityEdit: shape<Omit<Kept<OwnActivityBody>, 'id'>>({
    version: version.required(),
    name: name.required(),
    body: ownActivityBody.required(),
  }),
  recipeOnly: shape<{ recipe: Recipe }>({ recipe: recipe.required() }),
  yardOnly: shape<{ yard: Yard }>({ yard: yard.required() }),
  keeping: shape<Pick<Keeping, 'folder' | 'keep'>>({
    folder: plainText(500).allow('').required(),
    keep: Joi.number().strict().integer().min(FEWEST_BACKUPS).max(MOST_BACKUPS).required(),
  }),
  passcode: shape<{ passcode: string }>({ passcode: Joi.string().min(SHORTEST_PASSCODE).max(200).required() }),
  oldAnswers: shape<{ before: string }>({ before: date.required() }),
  settings: shape<Settings>({
    version: version.required(),
    ...settingsBody,
  }),
}

/** One of some words in an address, or a 400 that names them. */
export function choice<T extends string>(field: string, given: string | null, allowed: readonly T[]): T {
  const found = allowed.find((each) => each === given)
  if (found !== undefined) return found
  const came = given === null ? asPart(told('nothing')) : given.slice(0, 40)
  const detail = told('{0} must be {1}, not {2}.', field, inAList(allowed, 'or'), came)
  throw new Problem(400, told('This cannot be taken'), { field, detail })
}

/** The checked body, or a 400 that names the field and what would be right. Its type is the schema's own. */
export function checked<T>(schema: Joi.ObjectSchema<T>, body: unknown): T {
  const { error, value: clean } = schema.validate(body, CHECKED_BY)
  if (!error) return clean
  const path = error.details[0]?.path ?? []
  const refusal = refusalOf(error, fieldInWords(path))
  // A passcode is never shown, not even one that was mistyped.
  const whole = path.includes('passcode') ? refusal : withReceived(refusal, error)
  throw new Problem(400, told('This cannot be taken'), {
    field: pathOf(path) || 'body',
    detail: ownWords(`${asSentence(said(whole))}.`),
  })
}
