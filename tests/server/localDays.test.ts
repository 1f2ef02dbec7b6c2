import { beforeAll, describe, expect, it } from 'vitest'
import { localDay } from '../../src/core/clock'
import { randomFrom } from '../../src/core/random'
import { simulateSitting } from '../../src/core/knowing'
import type { ChildReport, Settings } from '../../src/core/records'
import { withSupposed } from '../../src/server/data/supposed'
import { type ProblemReply, call, uuid } from './calls'

const children = await import('../../src/pages/api/children/index')
const child = await import('../../src/pages/api/children/[id]')
const answers = await import('../../src/pages/api/answers/index')
const settings = await import('../../src/pages/api/settings')

const sure = { misreadings: [], strength: 0, slip: 0, knows: () => 1 }
/** Ten minutes before midnight in Greenwich, which is an hour before noon in Auckland. */
const BEFORE_MIDNIGHT = Date.UTC(2026, 9, 3, 23, 50)

async function standingIn(zone: string) {
  const rules = (await call<Settings>(settings.GET, 'GET')).body
  expect((await call(settings.PUT, 'PUT', { json: { ...rules, zone } })).status).toBe(200)
  const id = uuid()
  await call(children.POST, 'POST', { json: { id, name: 'Wren', age: 6 } })
  const given = simulateSitting(randomFrom(1), sure, {
    childId: id,
    rung: 'half',
    count: 18,
    at: BEFORE_MIDNIGHT,
    newId: uuid,
  })
  // Twenty minutes, half of them on either side of midnight in Greenwich.
  const sent = given.map((answer, i) => ({
    ...answer,
    right: undefined,
    day: undefined,
    at: BEFORE_MIDNIGHT + i * 67_000,
  }))
  await call(answers.POST, 'POST', { json: { answers: sent } })
  const { standing } = (await call<ChildReport>(child.GET, 'GET', { id })).body
  return standing.estimates.find(({ rung }) => rung === 'half')
}

describe('days of the place', () => {
  let rules: Settings
  beforeAll(async () => {
    rules = (await call<Settings>(settings.GET, 'GET')).body
  })

  it('are those of the machine until somebody says another zone', () => {
    expect(rules.zone).toBe(Intl.DateTimeFormat().resolvedOptions().timeZone)
  })

  it('make one lesson one day, wherever midnight in Greenwich falls', async () => {
    const there = await standingIn('Pacific/Auckland')
    expect(there).toMatchObject({ days: 1, firm: false, unmet: ['right answers on a second day'] })
    expect(there?.lastDay).toBe(localDay(BEFORE_MIDNIGHT, 'Pacific/Auckland'))
    expect(await standingIn('Atlantic/Reykjavik')).toMatchObject({ days: 2, firm: true })
  })

  it('are not of a zone that is none', async () => {
    const current = (await call<Settings>(settings.GET, 'GET')).body
    const refused = await call<ProblemReply>(settings.PUT, 'PUT', { json: { ...current, zone: 'Moon/Base' } })
    expect(refused.body).toMatchObject({ status: 400, field: 'zone' })
    expect(refused.body.detail).toMatch(/time zone such as Europe\/London/)
  })
})

describe('a guess that was kept as a judgement', () => {
  it('is a guess again, and what the adult judged stays', () => {
    const row = { child_id: 'c', rung: 'half', verdict: 'firm', at: 1 }
    expect(withSupposed({ ...row, note: 'Said when the child was added.' })).toMatchObject({ verdict: 'supposed' })
    expect(withSupposed({ ...row, note: 'I saw it.' })).toMatchObject({ verdict: 'firm' })
  })
})
