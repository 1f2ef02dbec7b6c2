import { told, type Told } from '../../core/wording'
import { ANIMALS, type PictureId } from '../../core/days'
import type { ChildId, GroupId } from '../../core/ids'
import type { Instant } from '../../core/knowing'
import { knownBefore } from '../../core/planning'
import { type RungId, schools } from '../../core/teaching'
import { GROUP_MOST } from '../fields'
import type { Child, Group, GroupRules, NewChild } from '../../core/records'
import { type Db, inTransaction } from '../connection'
import { SAID_WHEN_ADDED } from '../data/supposed'
import { Problem, notFound, staleVersion } from '../problem'
import { groupRules } from '../planningSchemas'
import { DamagedRow, fits, parsed, readable, type DbRow } from './readable'
import { getSettings, settleHouse } from './settings'

export interface ChildEdit {
  readonly version: number
  readonly name: string
  readonly age?: number | null
  /** Left out, it stays as it is. */
  readonly picture?: PictureId | null
}

/** From this age on children read their own name. */
const READS_NAME_FROM = 8

/** Pictures for children that are added: for those who may not read their name yet, one that no other child has. */
export async function picturesFor(db: Db, ages: readonly (number | null)[]): Promise<(PictureId | null)[]> {
  const rows: DbRow[] = await db('children').whereNotNull('picture').distinct('picture')
  const taken = new Set(rows.map(({ picture }) => picture))
  const free = ANIMALS.filter((id) => !taken.has(id))
  return ages.map((age) => (age === null || age < READS_NAME_FROM ? (free.shift() ?? null) : null))
}

const isRules = fits(groupRules)

function rowToChild(row: DbRow): Child {
  return {
    id: String(row.id),
    name: String(row.name),
    age: (row.age as number | null) ?? null,
    picture: (row.picture as string | null) ?? null,
    version: Number(row.version),
  }
}

export async function listChildren(db: Db): Promise<Child[]> {
  const rows: DbRow[] = await db('children').orderBy([{ column: 'created_at' }, { column: 'name' }])
  return rows.map(rowToChild)
}

export async function getChild(db: Db, id: ChildId): Promise<Child> {
  const row: DbRow | undefined = await db('children').where({ id }).first()
  if (!row) throw notFound(told('child'))
  return rowToChild(row)
}

/** Adding the same child twice (a repeated send) changes nothing. */
export function addChild(db: Db, child: NewChild, now: Instant): Promise<Child> {
  return inTransaction(db, async (trx) => {
    const known: DbRow | undefined = await trx('children').where({ id: child.id }).first()
    if (known) return getChild(trx, child.id)
    await settleHouse(trx)
    const [picture = null] = await picturesFor(trx, [child.age ?? null])
    await trx('children').insert({
      id: child.id,
      name: child.name,
      age: child.age ?? null,
      picture,
      version: 1,
      created_at: now,
    })
    if (child.startsAt) await markKnownBefore(trx, { ...child, startsAt: child.startsAt }, now)
    return getChild(trx, child.id)
  })
}

/** What comes before the rung that a child starts at is supposed to be known, until answers say otherwise. */
async function markKnownBefore(db: Db, child: NewChild & { startsAt: RungId }, at: Instant): Promise<void> {
  const { school } = await getSettings(db)
  const rungs = knownBefore(child.startsAt, child.age, schools[school])
  if (rungs.length === 0) return
  await db('overrules').insert(
    rungs.map((rung) => ({ child_id: child.id, rung, verdict: 'supposed', note: SAID_WHEN_ADDED, at })),
  )
}

export async function editChild(db: Db, id: ChildId, edit: ChildEdit): Promise<Child> {
  const changed = await db('children')
    .where({ id, version: edit.version })
    .update({
      name: edit.name,
      age: edit.age ?? null,
      ...(edit.picture !== undefined && { picture: edit.picture }),
      version: edit.version + 1,
    })
  const current = await getChild(db, id)
  if (changed === 0) throw staleVersion(told('child'), current)
  return current
}

/** What goes with a child: told before it is removed. */
export async function childBelongings(db: Db, id: ChildId): Promise<{ answers: number; groups: string[] }> {
  const counted = await db('answers').where({ child_id: id }).count({ n: '*' }).first()
  const rows: DbRow[] = await db('groups')
    .join('group_children', 'groups.id', 'group_id')
    .where({ child_id: id })
    .select('name')
  return { answers: Number(counted?.n ?? 0), groups: rows.map((row) => String(row.name)) }
}

export async function listGroups(db: Db): Promise<Group[]> {
  const rows: DbRow[] = await db('groups').orderBy([{ column: 'created_at' }, { column: 'name' }])
  const members: DbRow[] = await db('group_children').orderBy('position')
  return readable(rows, (row) => ({
    id: String(row.id),
    name: String(row.name),
    version: Number(row.version),
    rules: parsed<GroupRules>(row.rules, isRules),
    childIds: members.filter((member) => member.group_id === row.id).map((member) => String(member.child_id)),
  }))
}

export async function getGroup(db: Db, id: GroupId): Promise<Group> {
  const group = (await listGroups(db)).find((each) => each.id === id)
  if (!group) throw (await db('groups').where({ id }).first()) ? new DamagedRow() : notFound(told('group'))
  return group
}

export interface Members {
  readonly name: string
  readonly childIds: readonly ChildId[]
  /** Added along with the group, after those that are here already. */
  readonly newChildren?: readonly NewChild[]
  /** What is otherwise with this group; left out, it stays as it is. */
  readonly rules?: GroupRules
}

/** A group with its children, new ones among them, all or nothing. */
export async function addGroup(db: Db, group: Members & { readonly id: string }, now: Instant): Promise<Group> {
  await db.transaction(async (trx) => {
    const known: DbRow | undefined = await trx('groups').where({ id: group.id }).first()
    if (known) return
    await settleHouse(trx)
    await trx('groups').insert({
      id: group.id,
      name: group.name,
      rules: JSON.stringify(group.rules ?? {}),
      version: 1,
      created_at: now,
    })
    await setMembers(trx, group.id, group, now)
  })
  return getGroup(db, group.id)
}

export async function editGroup(
  db: Db,
  id: string,
  edit: Members & { readonly version: number },
  now: Instant,
): Promise<Group> {
  await db.transaction(async (trx) => {
    const changed = await trx('groups')
      .where({ id, version: edit.version })
      .update({
        name: edit.name,
        ...(edit.rules && { rules: JSON.stringify(edit.rules) }),
        version: edit.version + 1,
      })
    if (changed === 0) throw staleVersion(told('group'), await getGroup(trx, id))
    await setMembers(trx, id, edit, now)
  })
  return getGroup(db, id)
}

async function setMembers(db: Db, groupId: GroupId, members: Members, now: Instant): Promise<void> {
  const newChildren = members.newChildren ?? []
  refuseMembers(members.childIds, newChildren)
  // Created in the order in which they were written, so that lists keep it.
  for (const [i, child] of newChildren.entries()) await addChild(db, child, now + i)
  const childIds = [...members.childIds, ...newChildren.map((child) => child.id)]
  const known: DbRow[] = await db('children')
    .whereIn('id', [...childIds])
    .select('id')
  const missing = childIds.findIndex((id) => !known.some((row) => row.id === id))
  if (missing >= 0)
    throw new Problem(400, told('This cannot be taken'), {
      field: `childIds[${missing}]`,
      detail: told('childIds[{0}] must be the id of a child that exists.', missing),
    })
  await db('group_children').where({ group_id: groupId }).delete()
  if (childIds.length > 0)
    await db('group_children').insert(
      childIds.map((childId, position) => ({ group_id: groupId, child_id: childId, position })),
    )
}

/** A group has each child once, and no more children than it can have. */
function refuseMembers(childIds: readonly ChildId[], newChildren: readonly NewChild[]): void {
  const refuse = (field: string, detail: Told) => new Problem(400, told('This cannot be taken'), { field, detail })
  const ids = [...childIds, ...newChildren.map(({ id }) => id)]
  const twice = newChildren.findIndex(({ id }, i) => ids.indexOf(id) !== childIds.length + i)
  if (twice >= 0)
    throw refuse(
      `newChildren[${twice}].id`,
      told('newChildren[{0}].id must not be the id of a child that is in the group already.', twice),
    )
  if (ids.length > GROUP_MOST)
    throw refuse('newChildren', told('A group must have at most {0} children, not {1}.', GROUP_MOST, ids.length))
}
