import { said } from '#words'
import { told } from '../../../core/wording'
import Joi from 'joi'
import { picture } from '../../daySchemas'
import { GROUP_MOST, age, name, settingsBody, uuid, version } from '../../fields'
import { groupRules, termBody } from '../../planningSchemas'
import { fits } from '../../stores/readable'
import { CREATED, type KindSpec, VERSION, byName, created, named, nothing } from './kind'

/* Who is there, and the rules that they live by. */

export const isSettings = fits(Joi.object(settingsBody).fork(Object.keys(settingsBody), (rule) => rule.optional()))

export const people: readonly KindSpec[] = [
  {
    id: 'settings',
    table: 'settings',
    one: told('set of house rules'),
    many: told('house rules'),
    key: ['id'],
    columns: { id: 'always 1', body: 'the house rules', version: VERSION },
    json: ['body'],
    schema: Joi.object({
      id: Joi.valid(1).required(),
      body: Joi.object(settingsBody).required(),
      version: version.required(),
    }),
    // Rules that came later are missing in older ones: then they are as usual.
    isWhole: ({ body, version: count }) => isSettings(body) && typeof count === 'number',
    refers: nothing,
    label: () => said('House rules'),
  },
  {
    id: 'children',
    table: 'children',
    one: told('child'),
    many: told('children'),
    key: ['id'],
    columns: { ...named, name: 'the nickname', age: 'in years, or null', picture: 'beside the name, or null' },
    json: [],
    schema: Joi.object({
      id: uuid.required(),
      name: name.required(),
      age: age.required(),
      picture: picture.allow(null).required(),
      version: version.required(),
      ...created,
    }),
    refers: nothing,
    label: byName,
  },
  {
    id: 'groups',
    table: 'groups',
    one: told('group'),
    many: told('groups'),
    key: ['id'],
    columns: { ...named, rules: 'what is otherwise with it than in the house rules' },
    json: ['rules'],
    parts: {
      field: 'children',
      json: [],
      table: 'group_children',
      by: 'group_id',
      columns: { child_id: 'the id of a child that is in it; in the order of the group' },
    },
    schema: Joi.object({
      id: uuid.required(),
      name: name.required(),
      version: version.required(),
      rules: groupRules.required(),
      ...created,
      children: Joi.array()
        .items(Joi.object({ child_id: uuid.required() }))
        .unique('child_id')
        .max(GROUP_MOST)
        .required(),
    }),
    refers: nothing,
    label: byName,
  },
  {
    id: 'terms',
    table: 'terms',
    one: told('term'),
    many: told('terms'),
    key: ['group_id'],
    columns: {
      group_id: 'the id of its group',
      body: 'how often the group meets and until when (wish), the forecast that was kept with it, and when',
      version: VERSION,
      created_at: CREATED,
    },
    json: ['body'],
    schema: Joi.object({
      group_id: uuid.required(),
      body: termBody.required(),
      version: version.required(),
      ...created,
    }),
    refers: { group_id: 'groups' },
    label: () => said('Term'),
  },
]
