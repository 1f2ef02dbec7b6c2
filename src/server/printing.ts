import Joi from 'joi'
import { type Drawing, type PrintOptions, type PrintableId, PRINTABLE_IDS, languages, papers, printableOf, rungs } from '../core' // prettier-ignore
import { Problem } from './problem'
import { checked } from './validate'

export interface PrintWish {
  readonly printable: PrintableId
  readonly options: PrintOptions
  readonly seed: number
}

const wish = Joi.object({
  printable: Joi.string().valid(...PRINTABLE_IDS).required(), // prettier-ignore
  seed: Joi.number().strict().integer().min(0).max(1_000_000_000).required(),
  options: Joi.object({
    paper: Joi.string().valid(...Object.keys(papers)).required(), // prettier-ignore
    wording: Joi.object({
      language: Joi.string().valid(...Object.keys(languages)).required(), // prettier-ignore
      form: Joi.string().valid('turns', 'minutes-past', 'digital', 'day-24').required(),
    }).required(),
    rung: Joi.string().valid(...rungs.map(({ id }) => id)).required(), // prettier-ignore
    count: Joi.number().strict().integer().min(1).max(60).required(),
    owner: Joi.string().allow('').max(60),
    ringOfFives: Joi.boolean(),
    lowInk: Joi.boolean(),
    cells: Joi.number().strict().integer().min(1).max(4),
    unequal: Joi.boolean(),
  }).required(),
}).required()

/** What is asked for in the address of a print, checked. */
export function wishFromQuery(query: URLSearchParams): PrintWish {
  const text = query.get('print')
  if (text === null) throw new Problem(400, 'Nothing to print', { field: 'print', detail: 'print must be what to print, as JSON.' }) // prettier-ignore
  try {
    return checked<PrintWish>(wish, JSON.parse(text))
  } catch (error) {
    if (error instanceof SyntaxError) throw new Problem(400, 'Not JSON', { field: 'print', detail: 'print must be JSON.' })
    throw error
  }
} // prettier-ignore

/** The pages of a print, then its key. */
export function printPages({ printable, options, seed }: PrintWish): Drawing[] {
  const made = printableOf(printable).make(options, seed)
  return [...made.pages, ...made.key]
}
