import { told } from '../../../core/wording'
import Joi from 'joi'
import { day } from '../../daySchemas'
import { name, uuid, version } from '../../fields'
import { recipe, yard } from '../../makeSchemas'
import { ownActivityBody } from '../../planningSchemas'
import { savedPrint } from '../../printSchemas'
import { fits } from '../../stores/readable'
import { story } from '../../storySchemas'
import { type DocKind, type KindId, type KindSpec, created, named, shelf } from './kind'
import { people } from './people'
import { records } from './records'
import { sessions } from './sessions'

/*
 * All that is kept, in one table: what goes into the file of the whole workspace and comes back from it, what a backup
 * is compared by, and what goes with a child. Order matters: what others refer to comes first.
 */

export { type Doc, KIND_IDS, type DocKind, type KindId } from './kind'

const all: readonly KindSpec[] = [
  ...people,
  shelf('own_activities', [told('activity of your own'), told('activities of your own')], ownActivityBody),
  shelf('recipes', [told('made clock'), told('made clocks')], recipe),
  shelf('yards', [told('floor clock'), told('floor clocks')], yard),
  shelf('days', [told('day'), told('days')], day),
  shelf('stories', [told('story'), told('stories')], story),
  sessions,
  shelf('prints', [told('kept print'), told('kept prints')], savedPrint, {
    columns: { ...named, body: 'which print, with its options and its seed', session_id: 'the session, or null' },
    schema: Joi.object({
      id: uuid.required(),
      name: name.required(),
      body: savedPrint.required(),
      version: version.required(),
      session_id: uuid.allow(null).required(),
      ...created,
    }),
    refers: { session_id: 'sessions' },
  }),
  ...records,
]

export const kinds = Object.fromEntries(
  all.map((kind) => [kind.id, { isWhole: fits(kind.schema), ...kind }]),
) as unknown as Readonly<Record<KindId, DocKind>>

/** Tables that are in no file, and why. A test holds that each table is in `kinds` or here. */
export const LEFT_OUT: Readonly<Record<string, string>> = {
  undos: 'what can still be undone, for some minutes only',
  set_aside: 'rows that could not be read; they are in a part of their own, as they are',
  gone: 'ids of answers that were taken back and of children that were removed, for some days, so that other devices forget them',
  devices: 'which devices may come in, which is of no use anywhere else',
  keeping: 'where backups go and the hash of the passcode, which belong to this machine',
}
