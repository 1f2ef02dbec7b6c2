import { afterEach, describe, expect, it } from 'vitest'
import { EMPTY_OWN, type OwnActivityBody, catalogue } from '../../src/core/activities'
import { forecastOf, playTerms, startTerm } from '../../src/core/planning'
import type {
  GroupData,
  Group,
  Kept,
  KeptTerm,
  Session,
  SessionContext,
  Settings,
  TermData,
} from '../../src/core/records'
import { A_TERM } from './aTerm'
import { call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const group = await import('../../src/pages/api/groups/[id]/index')
const members = await import('../../src/pages/api/groups/[id]/members')
const term = await import('../../src/pages/api/groups/[id]/term')
const objectives = await import('../../src/pages/api/groups/[id]/objectives.pdf')
const overrule = await import('../../src/pages/api/children/[id]/overrule')
const activities = await import('../../src/pages/api/activities/index')
const activity = await import('../../src/pages/api/activities/[id]')
const sessions = await import('../../src/pages/api/sessions/index')
const session = await import('../../src/pages/api/sessions/[id]/index')
const settings = await import('../../src/pages/api/settings')

interface Told {
  readonly field?: string
  readonly detail?: string
}

/** A group of a test's own, of two children. */
async function newGroup() {
  const childIds = [uuid(), uuid()]
  const newChildren = childIds.map((id, i) => ({ id, name: `Child ${i}`, age: 6 }))
  const json = { id: uuid(), name: 'Ours', childIds: [], newChildren }
  return { made: (await call<Group>(groups.POST, 'POST', { json })).body, childIds }
}

const house = async () => (await call<Settings>(settings.GET, 'GET')).body
const usual = await house()

/** The house rules, with a change. */
const changeRules = async (change: Partial<Settings>) =>
  (await call<Settings>(settings.PUT, 'PUT', { json: { ...(await house()), ...change } })).body

afterEach(async () => {
  const { version } = await house()
  await call(settings.PUT, 'PUT', { json: { ...usual, version } })
})

describe('a session', () => {
  it('that nothing fills is refused at its minutes, says what would fit, and is not kept', async () => {
    const { made } = await newGroup()
    const wanted = ['set-your-clock', 'hours-in-a-walk', 'three-speeds', 'quick-check']
    await changeRules({ notForUs: catalogue.map(({ id }) => id).filter((id) => !wanted.includes(id)) })
    const wish = { groupId: made.id, date: '2026-12-07', start: 570, place: 'floor', materials: ['clock'] }
    const asked = (minutes: number) =>
      call<Told & Session>(sessions.POST, 'POST', { json: { id: uuid(), ...wish, minutes } })
    const refused = await asked(120)
    expect(refused.status).toBe(400)
    expect(refused.body.field).toBe('minutes')
    expect(refused.body.detail).toMatch(/^Minutes must be a length that activities for .* such as \d+/)
    const fits = Number(/such as (\d+)/.exec(refused.body.detail ?? '')?.[1])
    expect((await asked(fits)).body.minutes).toBe(fits)
  })
})

describe('a term', () => {
  const wish = A_TERM

  /** The term of a new group: how it is read, kept and forecast. */
  async function newTerm() {
    const { id } = (await newGroup()).made
    const read = async () => (await call<TermData>(term.GET, 'GET', { id })).body
    const put = (json: unknown) => call<KeptTerm & Told>(term.PUT, 'PUT', { id, json })
    const forecast = async () => {
      const { children } = await read()
      const counts = startTerm(wish, children)
      playTerms(counts, wish, { runs: 20, seed: 1 })
      return forecastOf(counts)
    }
    return { read, put, forecast }
  }

  it('is kept with its forecast, and read again; a stale one is refused', async () => {
    const { read, put, forecast } = await newTerm()
    expect((await read()).kept).toBeNull()
    const first = await put({ wish, forecast: await forecast(), version: 0 })
    expect(first.status).toBe(200)
    expect(first.body.version).toBe(1)
    const { kept, children } = await read()
    expect(kept?.wish).toEqual(wish)
    expect(kept?.forecast).toEqual(await forecast())
    expect(children.map(({ speedFit }) => speedFit.length)).toEqual([11, 11])
    expect((await put({ wish, forecast: await forecast(), version: 0 })).status).toBe(409)
    expect((await put({ wish, forecast: await forecast(), version: 1 })).body.version).toBe(2)
  })

  it.each([
    [{ until: '2026-11-01' }, 'until'],
    [{ until: '2040-11-01' }, 'until'],
    [{ weekdays: [] }, 'wish.weekdays'],
    [{ weekdays: [7] }, 'wish.weekdays[0]'],
    [{ minutes: 0 }, 'wish.minutes'],
    [{ minutes: 360 }, 'wish.minutes'],
    [{ holidays: [{ from: '2026-01-01', until: '2028-01-01' }] }, 'holidays'],
    [{ goal: 'no-such' }, 'wish.goal'],
  ])('that cannot be is refused, and the one before stays: %j', async (change, field) => {
    const { read, put, forecast } = await newTerm()
    const kept = await put({ wish, forecast: await forecast(), version: 0 })
    const { status, body } = await put({ wish: { ...wish, ...change }, forecast: await forecast(), version: 1 })
    expect([status, body.field]).toEqual([400, field])
    expect((await read()).kept).toEqual(kept.body)
  })

  it('of a group that is not there is not found', async () => {
    expect((await call(term.GET, 'GET', { id: uuid() })).status).toBe(404)
  })
})

describe('rules of a group', () => {
  it('stand before the house rules for it alone, and fall back on them', async () => {
    const { made, childIds } = await newGroup()
    const { id } = made
    const rules = { language: 'fr', school: 'fives-first' } as const
    const edit = { version: made.version, name: made.name, childIds, rules }
    const after = (await call<Group>(group.PUT, 'PUT', { id, json: edit })).body
    expect(after.rules).toEqual(rules)
    const own = (await call<GroupData>(members.GET, 'GET', { id })).body
    expect(own.settings).toMatchObject({ language: 'fr', school: 'fives-first', paper: 'a4' })
    expect(own.members[0]?.standing.estimates[2]?.rung).toBe('fives')
    // What is sent without rules leaves them.
    const again = { version: after.version, name: 'Ours still', childIds }
    expect((await call<Group>(group.PUT, 'PUT', { id, json: again })).body.rules).toEqual(rules)
    const { language, school } = await house()
    expect([language, school]).toEqual(['en-GB', 'turns-first'])
  })

  it('that are none are refused by field', async () => {
    const { made, childIds } = await newGroup()
    const json = { version: made.version, name: 'Ours', childIds, rules: { language: 'xx' } }
    const { status, body } = await call<Told>(group.PUT, 'PUT', { id: made.id, json })
    expect([status, body.field]).toEqual([400, 'rules.language'])
  })
})

describe('activities of one’s own', () => {
  const body: OwnActivityBody = { ...EMPTY_OWN, rungs: ['hour-hand', 'oclock'], steps: ['Ring the bell.'] }

  it('are kept, changed, offered to the planner as favourites, and removed', async () => {
    const { id: groupId } = (await newGroup()).made
    const id = uuid()
    const sent = { id, name: 'Bell', body }
    expect((await call<Kept<OwnActivityBody>>(activities.POST, 'POST', { json: sent })).body).toMatchObject({
      name: 'Bell',
      version: 1,
    })
    const changed = { name: 'Big bell', version: 1, body: { ...body, say: 'Dong.' } }
    expect((await call<Kept<OwnActivityBody>>(activity.PUT, 'PUT', { id, json: changed })).body.body.say).toBe('Dong.')
    expect((await call(activity.PUT, 'PUT', { id, json: changed })).status).toBe(409)
    // Without any other that is done with the hands, the session begins with it.
    const others = catalogue
      .filter(({ stage, role }) => stage === 'concrete' && role === 'teach')
      .map((each) => each.id)
    await changeRules({ favourites: [id], notForUs: others })
    const wish = { id: uuid(), groupId, date: '2026-12-05', start: 570, minutes: 25, place: 'table', materials: [] }
    const withBell = (await call<Session>(sessions.POST, 'POST', { json: wish })).body
    const step = withBell.plan.steps.find(({ activityId }) => activityId === id)
    expect(step?.own).toMatchObject({ name: 'Big bell', say: 'Dong.' })
    expect((await call(activity.DELETE, 'DELETE', { id })).status).toBe(200)
    // The plan has it whole.
    const context = (await call<SessionContext>(session.GET, 'GET', { id: withBell.id })).body
    expect(context.own).toEqual([])
    expect(context.session.plan.steps.some(({ own }) => own?.name === 'Big bell')).toBe(true)
  })

  it.each([
    [{ duration: { ...body.duration, rounds: { least: 9, usual: 6, most: 9 } } }, 'duration.rounds.usual'],
    [{ players: { least: 6, most: 4 } }, 'players.most'],
    [{ rungs: [] }, 'body.rungs'],
    [{ steps: [] }, 'body.steps'],
    [{ needs: [{ material: 'gold', amount: 1, per: 'child' }] }, 'body.needs[0].material'],
    [{ duration: { ...body.duration, turnSeconds: 3600, rounds: { least: 200, usual: 200, most: 200 } } }, 'duration'],
  ])('that contradict themselves are refused: %j', async (change, field) => {
    const json = { id: uuid(), name: 'Odd', body: { ...body, ...change } }
    const { status, body: told } = await call<Told>(activities.POST, 'POST', { json })
    expect([status, told.field]).toEqual([400, field])
  })

  it('that are not for us are never planned', async () => {
    const { id: groupId } = (await newGroup()).made
    const wish = (i: number) => ({
      id: uuid(),
      groupId,
      date: `2026-12-1${i}`,
      start: 570,
      minutes: 25,
      place: 'table',
      materials: [],
    })
    const first = (await call<Session>(sessions.POST, 'POST', { json: wish(0) })).body
    const banned = first.plan.steps.map(({ activityId }) => activityId)
    await changeRules({ notForUs: banned })
    const next = (await call<Session>(sessions.POST, 'POST', { json: wish(1) })).body
    const check = banned[banned.length - 1]
    expect(next.plan.steps.filter(({ activityId }) => banned.includes(activityId) && activityId !== check)).toEqual([])
  })
})

describe('objectives met', () => {
  it('are a page of each child in the group’s language, with what is firm and since when', async () => {
    const { made, childIds } = await newGroup()
    const { id } = made
    const edit = { version: made.version, name: made.name, childIds, rules: { language: 'fr' } }
    expect((await call(group.PUT, 'PUT', { id, json: edit })).status).toBe(200)
    await call(overrule.PUT, 'PUT', { id: childIds[0], json: { rung: 'hour-hand', verdict: 'firm', note: '' } })
    const { status, type, body } = await call<Buffer>(objectives.GET, 'GET', { id })
    expect([status, type]).toEqual([200, 'application/pdf'])
    expect(body.subarray(0, 5).toString()).toBe('%PDF-')
    const { groupObjectives } = await import('../../src/server/objectives')
    const { appDb } = await import('../../src/server/db')
    const { pages } = await groupObjectives(await appDb(), id, Date.UTC(2026, 11, 1))
    const text = JSON.stringify(pages)
    expect(text).toContain('Objectifs atteints')
    expect(text).toContain('selon l’adulte')
    expect(text).toContain('Rien n’est encore acquis.')
  })
})
