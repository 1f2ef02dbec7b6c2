import Joi from 'joi'
import {
  type Day,
  type DayRow,
  LONGEST_STEP,
  MOST_BUFFER,
  MOST_DAY_ROWS,
  MOST_STARTS,
  MOST_START_STEPS,
  MOST_WHAT_LETTERS,
  OWN_PICTURE_IDS,
  isPictureId,
  type StartPlan,
  type StartStep,
} from '../core/days'
import { shape } from './shape'
import { plainDate, plainLine } from './text'

const whole = (least: number, most: number) => Joi.number().strict().integer().min(least).max(most)
const minuteOfDay = whole(0, 1439)

/** What happens, in one line. */
export const whatHappens = plainLine(MOST_WHAT_LETTERS).trim().min(1)

export const picture = Joi.string()
  .max(60)
  .custom((id: string, helpers) => (isPictureId(id) ? id : helpers.error('any.only', { valids: OWN_PICTURE_IDS })))

/** A row of a day. */
export const dayRow = shape<DayRow>({
  minute: minuteOfDay.required(),
  to: minuteOfDay,
  what: whatHappens.required(),
  picture,
})

const step = shape<StartStep>({ what: whatHappens.required(), minutes: whole(1, LONGEST_STEP).required() })

const start = shape<StartPlan>({
  what: whatHappens.required(),
  deadline: minuteOfDay.required(),
  steps: Joi.array().items(step).min(1).max(MOST_START_STEPS).required(),
  buffer: whole(0, MOST_BUFFER).required(),
})

/** A day as it is kept. Its rows may be in any order and overlap: that is told at the row, never refused. */
export const day = shape<Day>({
  on: Joi.alternatives(
    Joi.object({ kind: Joi.valid('weekdays').required(), days: Joi.array().items(whole(0, 6)).unique().required() }),
    Joi.object({ kind: Joi.valid('date').required(), date: plainDate.required() }),
  ).required(),
  whose: Joi.alternatives(
    Joi.object({ kind: Joi.valid('everybody').required() }),
    Joi.object({ kind: Joi.valid('group').required(), groupId: Joi.string().guid().required() }),
    Joi.object({ kind: Joi.valid('child').required(), childId: Joi.string().guid().required() }),
  ).required(),
  rows: Joi.array().items(dayRow).max(MOST_DAY_ROWS).required(),
  starts: Joi.array().items(start).max(MOST_STARTS).required(),
})
