import Joi from 'joi'
import { papers } from '../core/drawing'
import { MOST_PACK_THINGS } from '../core/planning'
import { COVERS, FLIPS, HELP_LEVELS, PRINTABLE_IDS } from '../core/printables'
import { misreadings, rungs } from '../core/teaching'
import { languages } from '../core/wording'

const whole = (least: number, most: number) => Joi.number().strict().integer().min(least).max(most)

export const seed = whole(0, 1_000_000_000)
const printable = Joi.string().valid(...PRINTABLE_IDS)
const helps = whole(0, HELP_LEVELS.length - 1)
const answers = Joi.string().valid('write', 'choose')
const count = whole(1, 60)
const guillotine = Joi.boolean()
const backs = Joi.string().valid(...Object.keys(FLIPS))
const cells = whole(1, 4)
const covers = Joi.string().valid(...Object.keys(COVERS))
const reversed = Joi.boolean()
const rows = Joi.array().items(Joi.string().max(80)).max(40)
const weight = Joi.number().strict().greater(0).max(1000)

export const printOptions = Joi.object({
  paper: Joi.string()
    .valid(...Object.keys(papers))
    .required(),
  wording: Joi.object({
    language: Joi.string()
      .valid(...Object.keys(languages))
      .required(),
    form: Joi.string().valid('turns', 'minutes-past', 'digital', 'day-24').required(),
  }).required(),
  rung: Joi.string()
    .valid(...rungs.map(({ id }) => id))
    .required(),
  count: count.required(),
  owner: Joi.string().allow('').max(60),
  title: Joi.string().allow('').max(200),
  helps,
  lowInk: Joi.boolean(),
  weights: Joi.object(Object.fromEntries(misreadings.map(({ id }) => [id, weight]))),
  answers,
  guillotine,
  backs,
  forms: Joi.number().strict().valid(2, 3),
  cells,
  covers,
  sectors: Joi.array().items(Joi.number().strict().greater(0).max(10)).max(12),
  by: whole(5, 300).multiple(5),
  boards: whole(2, 12),
  reversed,
  rows,
})

export const savedPrint = Joi.object({
  printable: printable.required(),
  options: printOptions.required(),
  seed: seed.required(),
  made: whole(1, 1000).required(),
})

export const printWish = Joi.object({
  printable: printable.required(),
  options: printOptions.required(),
  seed: seed.required(),
  copies: whole(1, 30),
}).required()

export const packThings = Joi.array()
  .items(
    Joi.object({
      printable: printable.required(),
      count,
      helps,
      answers,
      backs,
      guillotine,
      cells,
      covers,
      reversed,
      rows,
    }),
  )
  .min(1)
  .max(MOST_PACK_THINGS)
