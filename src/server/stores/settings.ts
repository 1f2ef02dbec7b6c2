import { told } from '../../core/wording'
import type { Zone } from '../../core/clock'
import type { Settings } from '../../core/records'
import type { Db } from '../connection'
import { staleVersion } from '../problem'
import { isSettings } from '../keeping/kinds/people'
import { proposedHouse } from '../language'
import { parsed, readable } from './readable'

export const SETTINGS_DEFAULTS = {
  language: 'en-GB',
  form: 'turns',
  school: 'turns-first',
  paper: 'a4',
  lowInk: false,
  grey: false,
  look: 'plain',
  place: 'table',
  materials: ['paper', 'card', 'scissors', 'fasteners', 'crayons', 'slates', 'circles', 'chalk'],
  favourites: [],
  notForUs: [],
  cupboard: {},
  version: 1,
} as const satisfies Omit<Settings, 'zone'>

/**
 * The usual rules; before there is any child, with the language and the paper of whoever asks. Where children are and
 * no rules were ever kept, an older version had the usual ones, and so has every device.
 */
async function usual(db: Db): Promise<Settings> {
  const isNew = (await db('children').first('id')) === undefined
  return { ...SETTINGS_DEFAULTS, ...(isNew && proposedHouse()), zone: zoneHere() }
}

/** The zone of the machine, until somebody says another one. */
const zoneHere = (): Zone => Intl.DateTimeFormat().resolvedOptions().timeZone

type SettingsRow = { body: string; version: number }

export async function getSettings(db: Db): Promise<Settings> {
  const row: SettingsRow | undefined = await db('settings').where({ id: 1 }).first()
  if (!row) return usual(db)
  const [body] = readable([row], () => parsed<Partial<Settings>>(row.body, isSettings))
  return { ...SETTINGS_DEFAULTS, zone: zoneHere(), ...body, version: row.version }
}

/**
 * Keeps the language and the paper that are proposed, unless the rules are kept already: with the first child or group
 * it is settled, and no other device has them otherwise.
 */
export async function settleHouse(db: Db): Promise<void> {
  const house = await usual(db)
  await db('settings')
    .insert({ id: 1, body: JSON.stringify({ ...house, version: undefined, zone: undefined }), version: house.version })
    .onConflict('id')
    .ignore()
}

export async function editSettings(db: Db, edit: Settings): Promise<Settings> {
  await db.transaction(async (trx) => {
    const current = await getSettings(trx)
    if (current.version !== edit.version) throw staleVersion(told('set of house rules'), current)
    const body = JSON.stringify({ ...edit, version: undefined })
    const version = edit.version + 1
    await trx('settings').insert({ id: 1, body, version }).onConflict('id').merge({ body, version })
  })
  return getSettings(db)
}
