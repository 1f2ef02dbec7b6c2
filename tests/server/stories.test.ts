import { describe, expect, it } from 'vitest'
import type { Kept } from '../../src/core/records'
import { LONGEST_STORY, NO_MARKS, type Story } from '../../src/core/stories'
import { readPdf } from '../readback/pdf'
import { call, uuid } from './calls'

const stories = await import('../../src/pages/api/stories/index')
const one = await import('../../src/pages/api/stories/[id]/index')
const print = await import('../../src/pages/api/stories/[id]/print.pdf')
const groups = await import('../../src/pages/api/groups/index')

const body: Story = {
  language: 'en-GB',
  text: 'At nine o’clock in the morning the lock opened. At half past ten they ate. <b>At noon</b> it rained. مرحبا',
  marks: { ...NO_MARKS, dismissed: ['noon#3'], chosen: { 'half past ten#0': 630 } },
  questions: null,
  seed: 1,
}

async function kept(story: Story = body): Promise<string> {
  const id = uuid()
  const made = await call<Kept<Story>>(stories.POST, 'POST', { json: { id, name: 'Rain', body: story } })
  expect(made.status, JSON.stringify(made.body)).toBe(200)
  return id
}

describe('a story that is kept', () => {
  it('comes back as it was sent, in any script, and goes', async () => {
    const id = await kept()
    expect((await call<Kept<Story>>(one.GET, 'GET', { id })).body.body).toEqual(body)
    const json = { name: 'Sun', version: 1, body: { ...body, text: '' } }
    expect((await call<Kept<Story>>(one.PUT, 'PUT', { id, json })).body).toMatchObject({ name: 'Sun', version: 2 })
    expect((await call(one.PUT, 'PUT', { id, json })).status).toBe(409)
    expect((await call(one.DELETE, 'DELETE', { id })).status).toBe(200)
    expect((await call(one.GET, 'GET', { id })).status).toBe(404)
  })

  it('has 100,000 letters at most, and says so', async () => {
    await kept({ ...body, text: 'x'.repeat(LONGEST_STORY) })
    const json = { id: uuid(), name: 'Long', body: { ...body, text: 'x'.repeat(LONGEST_STORY + 1) } }
    expect(await call(stories.POST, 'POST', { json })).toMatchObject({
      status: 400,
      body: { field: 'body.text', detail: 'Text must have at most 100000 characters, not 100001.' },
    })
  })

  it.each([
    [{ language: 'la' }, 'body.language'],
    [{ marks: { ...NO_MARKS, chosen: { 'x#0': -1 } } }, 'body.marks'],
    [{ questions: [{ id: 'x', says: '', answer: '' }] }, 'body.questions'],
    [{ seed: 1.5 }, 'body.seed'],
  ])('is refused by its field: %j', async (wrong, field) => {
    const refused = await call(stories.POST, 'POST', { json: { id: uuid(), name: 'x', body: { ...body, ...wrong } } })
    expect(refused.status).toBe(400)
    expect(refused.body.field?.startsWith(field), refused.body.field).toBe(true)
  })
})

describe('a story on paper', () => {
  it('is printed once with its key, or for each child at the child’s rung', async () => {
    const id = await kept()
    const texts = async (query = '') =>
      (await readPdf((await call<Buffer>(print.GET, 'GET', { id, query })).body)).map(({ text }) => text)
    const alone = await texts()
    expect(alone.join(' ')).toContain('At half past ten they ate.')
    expect(alone.some((text) => text.startsWith('Answers: Rain'))).toBe(true)
    const groupId = uuid()
    const newChildren = ['Moss', 'Fern'].map((name) => ({ id: uuid(), name, age: 6 }))
    await call(groups.POST, 'POST', { json: { id: groupId, name: 'Readers', childIds: [], newChildren } })
    const own = (await texts(`group=${groupId}`)).join(' ')
    expect(own).toContain('Moss')
    expect(own).toContain('Fern')
    // New children know whole hours only: the clock of half past ten is not asked of them.
    expect(own).not.toContain('Which clock is right? “At … they ate.”')
    expect(alone.join(' ')).toContain('Which clock is right?')
  })
})
