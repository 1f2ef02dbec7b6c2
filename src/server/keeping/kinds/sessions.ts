import { said } from '#words'
import { datePart, told } from '../../../core/wording'
import Joi from 'joi'
import { date, instant, materialList, minuteOfDay, minutes, place, rung, uuid, version } from '../../fields'
import { stepRow } from '../../planningSchemas'
import { plainText } from '../../text'
import { CREATED, type KindSpec, VERSION, created } from './kind'
import { LONGEST_NOTE } from '../../../core/records'

export const sessions: KindSpec = {
  id: 'sessions',
  table: 'sessions',
  one: told('session'),
  many: told('sessions'),
  key: ['id'],
  columns: {
    id: 'its id, a UUID',
    group_id: 'the id of its group',
    date: 'the day, such as 2026-11-28',
    start: 'when it begins, in minutes since midnight',
    minutes: 'how long it is',
    place: 'where: table, floor, hall or outdoors',
    materials: 'what is to hand',
    rung: 'the step that it is for',
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
    json: ['why', 'own', 'stations'],
    columns: {
      id: 'the step’s own id',
      activity_id: 'the activity',
      rung: 'the step that it is for',
      minutes: 'how long it is',
      why: 'why it was chosen: a text, or text and values for its places {0}, {1} …',
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
    note: plainText(LONGEST_NOTE).allow('').required(),
    recipe_id: uuid.allow(null).required(),
    yard_id: uuid.allow(null).required(),
    printed_at: instant.allow(null).required(),
    done_at: instant.allow(null).required(),
    version: version.required(),
    ...created,
    steps: Joi.array().items(stepRow).unique('id').max(20).required(),
  }),
  refers: { group_id: 'groups' },
  label: (doc) => said('Session of {0}', datePart(String(doc.date))),
}
