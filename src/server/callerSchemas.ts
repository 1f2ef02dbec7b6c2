import Joi from 'joi'
import { GAME_IDS, type GameId, type GameOptions } from '../core/movement'
import type { Settings } from '../core/records'
import { type MisreadingId, misreadings, rungs } from '../core/teaching'
import { LANGUAGE_IDS, type LanguageId } from '../core/wording'
import { sayingForm } from './fields'
import { shape } from './shape'

interface CardWish extends Omit<GameOptions, 'wording' | 'weights' | 'names' | 'day'> {
  /** How times are put; as the house rules say where it is not told. */
  readonly language?: LanguageId
  readonly form?: Settings['form']
  /** A kept day to be told in jump the day. */
  readonly day?: string
  readonly game: GameId
  readonly seed: number
  /** What the wrong choices lean to: misreadings that were found in the group. */
  readonly lean: readonly MisreadingId[]
}

/** What a caller's card is made of; the core checks the ranges and names the field. */
export const cardWish = shape<CardWish>({
  game: Joi.string()
    .valid(...GAME_IDS)
    .required(),
  seed: Joi.number().integer().min(0).max(2_147_483_647).required(),
  lean: Joi.array()
    .items(Joi.string().valid(...misreadings.map(({ id }) => id)))
    .required(),
  rung: Joi.string()
    .valid(...rungs.map(({ id }) => id))
    .required(),
  minutes: Joi.number().required(),
  children: Joi.number().required(),
  age: Joi.number(),
  isSeated: Joi.boolean().required(),
  harder: Joi.number().required(),
  lapMetres: Joi.number().required(),
  mostMetres: Joi.number(),
  roomMetres: Joi.number(),
  facing: Joi.string().valid('twelve', 'six').required(),
  language: Joi.string().valid(...LANGUAGE_IDS),
  form: sayingForm,
  day: Joi.string().guid(),
  think: Joi.alternatives(Joi.number().valid(15, 25, 40), Joi.string().valid('none')).required(),
  wrong: Joi.string().valid('everyone', 'again').required(),
})
