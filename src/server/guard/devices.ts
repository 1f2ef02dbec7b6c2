import { told } from '../../core/wording'
import { createHash, randomBytes } from 'node:crypto'
import { v4 as newId } from 'uuid'
import type { Device } from '../../core/keeping'
import type { Db } from '../connection'
import { type Doing, writeDeed } from '../keeping/deeds'
import { notFound } from '../problem'

/* Devices that gave the passcode. Each has a token of its own, of which only a hash is kept. */

const hashOf = (token: string) => createHash('sha256').update(token).digest('base64')

/** Lets a device in, and gives the token that it is known by from now on. */
export async function addDevice(db: Db, name: string, now: number): Promise<string> {
  const token = randomBytes(32).toString('base64url')
  const device = { id: newId(), name, token_hash: hashOf(token), created_at: now, seen_at: now }
  await db.transaction(async (trx) => {
    await trx('devices').insert(device)
    await writeDeed(trx, 'let in a device', name, { now, by: name })
  })
  return token
}

const SEEN_EVERY_MS = 10 * 60_000

/** The name of the device that has a token; undefined for one that was shut out or never let in. */
export async function deviceWith(db: Db, token: string, now: number): Promise<string | undefined> {
  const row = (await db('devices')
    .where({ token_hash: hashOf(token) })
    .first()) as { id: string; name: string; seen_at: number } | undefined
  if (!row) return undefined
  if (now - row.seen_at > SEEN_EVERY_MS) await db('devices').where({ id: row.id }).update({ seen_at: now })
  return row.name
}

export async function listDevices(db: Db): Promise<Device[]> {
  const rows = (await db('devices').orderBy('seen_at', 'desc')) as {
    id: string
    name: string
    created_at: number
    seen_at: number
  }[]
  return rows.map((row) => ({ id: row.id, name: row.name, since: row.created_at, seen: row.seen_at }))
}

/** Shuts a device out: its token is worth nothing from now on. */
export async function removeDevice(db: Db, id: string, doing: Doing): Promise<void> {
  const row = (await db('devices').where({ id }).first()) as { name: string } | undefined
  if (!row) throw notFound(told('device'))
  await db.transaction(async (trx) => {
    await trx('devices').where({ id }).delete()
    await writeDeed(trx, 'shut out a device', row.name, doing)
  })
}
