import { beforeAll, describe, expect, it } from 'vitest'
import { USUAL_YARD, usualRecipe } from '../../src/core/make'
import type { Session, Settings } from '../../src/core/records'
import { readPdf } from '../readback/pdf'
import { call, uuid } from './calls'

const settings = await import('../../src/pages/api/settings')
const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const sessionPdf = await import('../../src/pages/api/sessions/[id]/print.pdf')
const makePdf = await import('../../src/pages/api/make.pdf')
const yardPdf = await import('../../src/pages/api/yard.pdf')
const clockPdf = await import('../../src/pages/api/clock.pdf')

const textOf = async (reply: Promise<{ body: Buffer }>) =>
  (await readPdf((await reply).body)).flatMap(({ texts }) => texts.map(({ text }) => text)).join(' ')
const asQuery = (field: string, value: unknown) => `${field}=${encodeURIComponent(JSON.stringify(value))}`

describe('what is printed where the house rules say French', () => {
  beforeAll(async () => {
    const { body } = await call<Settings>(settings.GET, 'GET')
    await call(settings.PUT, 'PUT', { json: { ...body, language: 'fr' } })
  })

  it('is in French, whichever page asks for it', async () => {
    const groupId = uuid()
    const newChildren = [{ id: uuid(), name: 'Mirela', age: 6 }]
    await call(groups.POST, 'POST', { json: { id: groupId, name: 'Hérons', childIds: [], newChildren } })
    const wish = { id: uuid(), groupId, date: '2026-11-07', start: 570, minutes: 25, place: 'table' }
    const materials = ['paper', 'card', 'scissors', 'fasteners', 'crayons']
    const { body } = await call<Session>(sessions.POST, 'POST', { json: { ...wish, materials } })
    const session = await textOf(call<Buffer>(sessionPdf.GET, 'GET', { id: body.id }))
    expect(session).toContain('À préparer et à imprimer')
    expect(session).toMatch(/Observer : .*Plus facile : /)
    const recipe = asQuery('recipe', { ...usualRecipe('card'), children: 1, spares: 0 })
    const clocks = await textOf(call<Buffer>(makePdf.GET, 'GET', { query: recipe }))
    expect(clocks).toContain('Horloge en carton : 1 horloge')
    expect(clocks).toContain('Mon horloge')
    expect(await textOf(call<Buffer>(yardPdf.GET, 'GET', { query: asQuery('yard', USUAL_YARD) }))).toMatch(
      /Horloge au sol, rayon \d,\d\d m/,
    )
    expect(await textOf(call<Buffer>(clockPdf.GET, 'GET'))).toContain('Mon horloge')
  })
})
