import Joi from 'joi'
import { papers } from '../core/drawing'
import { unreachable } from '../core/errors'
import { ANSWER_WAY_IDS, MOST_PACK_THINGS, PACK_OPTION_IDS } from '../core/planning'
import { OPTION_IDS, type OptionId, PRINT_OPTIONS, PRINTABLE_IDS, type PrintOption } from '../core/printables'
import { rungs } from '../core/teaching'
import { WORDING_FORMS, LANGUAGE_IDS } from '../core/wording'
import type { PrintWish } from '../core/records'
import { dayRow, picture } from './daySchemas'
import { shape } from './shape'
import { plainText } from './text'

const whole = (least: number, most: number) => Joi.number().strict().integer().min(least).max(most)
const positive = (largest: number) => Joi.number().strict().greater(0).max(largest)

export const seed = whole(0, 1_000_000_000)
const printable = Joi.string().valid(...PRINTABLE_IDS)
/** The core knows which counts a printable can hold on a rung. This only refuses nonsense. */
const count = whole(1, 60)

/** An option of the core's table as the schema of an endpoint. */
function schemaOf(option: PrintOption): Joi.Schema {
  switch (option.type) {
    case 'choice':
      return Joi.string().valid(...Object.keys(option.values))
    case 'level':
      return Joi.number()
        .strict()
        .valid(...option.values)
    case 'whole':
      return whole(option.least, option.most).multiple(option.step)
    case 'flag':
      return Joi.boolean()
    case 'text':
      return plainText(option.longest).allow('')
    case 'picture':
      return picture
    case 'rows':
      return Joi.array().items(dayRow).max(option.most)
    case 'numbers':
      return Joi.array().items(positive(option.largest)).max(option.most)
    case 'weights':
      return Joi.object(Object.fromEntries(option.names.map((name) => [name, positive(option.largest)])))
    default:
      return unreachable(option)
  }
}

const choices = (ids: readonly OptionId[]) =>
  Object.fromEntries(ids.map((id) => [id, schemaOf(PRINT_OPTIONS[id])] as const))

/** What a print can be chosen to have, in an address. */
export const printChoices = Joi.object(choices(OPTION_IDS))

export const printOptions = Joi.object({
  paper: Joi.string()
    .valid(...Object.keys(papers))
    .required(),
  wording: Joi.object({
    language: Joi.string()
      .valid(...LANGUAGE_IDS)
      .required(),
    form: Joi.string()
      .valid(...WORDING_FORMS)
      .required(),
  }).required(),
  rung: Joi.string()
    .valid(...rungs.map(({ id }) => id))
    .required(),
  count: count.required(),
  ...choices(OPTION_IDS),
})

export const savedPrint = Joi.object({
  printable: printable.required(),
  options: printOptions.required(),
  seed: seed.required(),
  made: whole(1, 1000).required(),
})

export const answerWay = Joi.string().valid(...ANSWER_WAY_IDS)

export const printWish = shape<PrintWish>({
  printable: printable.required(),
  options: printOptions.required(),
  seed: seed.required(),
  copies: whole(1, 30),
  answersOnPaper: answerWay,
}).required()

export const packThings = Joi.array()
  .items(
    Joi.object({
      printable: printable.required(),
      count,
      ...choices(PACK_OPTION_IDS),
    }),
  )
  .min(1)
  .max(MOST_PACK_THINGS)
