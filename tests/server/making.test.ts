import { describe, expect, it } from 'vitest'
import { type PaperId, papers } from '../../src/core/drawing'
import {
  RECIPE_KINDS,
  type Recipe,
  type RecipeKind,
  USUAL_YARD,
  type Yard,
  recipePages,
  solveRecipe,
  usualRecipe,
} from '../../src/core/make'
import type { Kept, Session, SessionContext } from '../../src/core/records'
import { type PdfPage, readPdf } from '../readback/pdf'
import { type ProblemReply, call, uuid } from './calls'

const recipes = await import('../../src/pages/api/recipes/index')
const recipe = await import('../../src/pages/api/recipes/[id]')
const importing = await import('../../src/pages/api/recipes/import')
const yards = await import('../../src/pages/api/yards/index')
const yard = await import('../../src/pages/api/yards/[id]')
const makePdf = await import('../../src/pages/api/make.pdf')
const yardPdf = await import('../../src/pages/api/yard.pdf')
const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const session = await import('../../src/pages/api/sessions/[id]/index')
const attach = await import('../../src/pages/api/sessions/[id]/attach')
const { drawingsToPdf } = await import('../../src/server/pdf')

const card = usualRecipe('card')
const asQuery = (body: unknown, more = '') => `recipe=${encodeURIComponent(JSON.stringify(body))}${more}`

/** Width of the widest outline that is drawn but not filled, and the length of the bar, mm. */
function widestOf(page: PdfPage): number {
  return Math.max(
    ...page.paths
      .filter(({ filled, points }) => !filled && points.length > 4)
      .map(({ points }) => Math.max(...points.map(({ x }) => x)) - Math.min(...points.map(({ x }) => x))),
  )
}

describe('what is printed of a recipe', () => {
  const cases = (Object.keys(RECIPE_KINDS) as RecipeKind[]).flatMap((kind) =>
    (Object.keys(papers) as PaperId[]).map((paper) => [kind, paper] as const),
  )
  it.each(cases)(
    'is within 0.1 mm of the core’s numbers and inside the page, read back from the PDF: %s on %s',
    async (kind, paper) => {
      const made: Recipe = { ...usualRecipe(kind), paper }
      const m = solveRecipe(made)
      const pages = await readPdf(await drawingsToPdf(recipePages(made), 'clock'))
      const [first] = pages
      if (!first) throw new Error('no page')
      expect(first.width).toBeCloseTo(papers[paper].width, 2)
      const due = kind === 'layered' ? m.faceMm : m.faceMm * 1.015 - 0.4
      expect(Math.abs(widestOf(first) - due)).toBeLessThanOrEqual(0.1)
      for (const page of pages)
        for (const { points } of page.paths)
          for (const { x, y } of points) {
            expect(Math.min(x, y)).toBeGreaterThan(9.9)
            expect(x).toBeLessThan(papers[paper].width - 9.9)
            expect(y).toBeLessThan(papers[paper].height - 9.9)
          }
    },
  )

  it('is refused, with the field, where the recipe is none', async () => {
    const bad = async (change: object, field: string) => {
      const reply = await call<ProblemReply>(makePdf.GET, 'GET', { query: asQuery({ ...card, ...change }) })
      expect(reply).toMatchObject({ status: 400, type: 'application/problem+json' })
      expect(reply.body.field ?? reply.body.detail).toContain(field)
    }
    await bad({ fixed: { faceMm: 9999 } }, 'faceMm')
    await bad({ fixed: { faceMm: 'wide' } }, 'faceMm')
    await bad({ children: 0 }, 'children')
    await bad({ children: 500 }, 'children')
    await bad({ kind: 'sundial' }, 'kind')
    await bad({ extra: 1 }, 'extra')
    expect((await call(makePdf.GET, 'GET', { query: 'recipe=nonsense' })).body).toMatchObject({ field: 'recipe' })
  })

  it.each(['a4', 'letter', 'a3', 'legal', 'tabloid'] as const)(
    'is made good for a printer that is off, as far as the sheet holds it: %s',
    async (paper) => {
      const { width, height } = papers[paper]
      const made = { ...card, paper, fixed: { faceMm: 120 } }
      const ask = (bar: string) => call<Buffer>(makePdf.GET, 'GET', { query: asQuery(made, `&bar=${bar}`) })
      const refused = (await call(makePdf.GET, 'GET', { query: asQuery(made, '&bar=80') })).body
      expect(refused).toMatchObject({ field: 'bar' })
      // The smallest bar that it says can be made good for is, with everything still on the sheet.
      const least = /A bar of ([\d.]+) mm or more/.exec(refused.detail)?.[1] ?? ''
      for (const page of await readPdf((await ask(least)).body))
        for (const { x, y } of page.paths.flatMap(({ points }) => points)) {
          expect(Math.min(x, y)).toBeGreaterThanOrEqual(0)
          expect(x).toBeLessThanOrEqual(width)
          expect(y).toBeLessThanOrEqual(height)
        }
      expect((await ask(String(Number(least) - 0.2))).status).toBe(400)
      expect((await ask('abc')).status).toBe(400)
    },
  )
})

describe('recipes and floor clocks', () => {
  it('are kept once, edited by version, and gone when removed', async () => {
    const id = uuid()
    const made = { id, name: 'Ours', body: card }
    for (let i = 0; i < 2; i++)
      expect((await call<Kept<Recipe>>(recipes.POST, 'POST', { json: made })).body).toMatchObject({
        ...made,
        version: 1,
      })
    const all = (await call<Kept<Recipe>[]>(recipes.GET, 'GET')).body
    expect(all.filter((each) => each.id === id)).toHaveLength(1)
    const edit = { version: 1, name: 'Ours, wide', body: { ...card, children: 4 } }
    expect((await call<Kept<Recipe>>(recipe.PUT, 'PUT', { id, json: edit })).body).toMatchObject({
      version: 2,
      name: 'Ours, wide',
    })
    expect((await call(recipe.PUT, 'PUT', { id, json: edit })).body).toMatchObject({ status: 409, field: 'version' })
    expect((await call(recipes.POST, 'POST', { json: { id: uuid(), name: '', body: card } })).body).toMatchObject({
      status: 400,
      field: 'name',
    })
    await call(recipe.DELETE, 'DELETE', { id })
    expect((await call(recipe.GET, 'GET', { id })).status).toBe(404)
  })

  it('are refused by their kind and id where they are not there, and only the one that was meant goes', async () => {
    const [id, other] = [uuid(), uuid()]
    for (const each of [id, other]) await call(recipes.POST, 'POST', { json: { id: each, name: each, body: card } })
    expect((await call(recipe.DELETE, 'DELETE', { id: uuid() })).status).toBe(404)
    await call(recipe.DELETE, 'DELETE', { id })
    expect((await call(recipe.GET, 'GET', { id: other })).status).toBe(200)
    expect((await call(recipe.DELETE, 'DELETE', { id })).status).toBe(404)
    await call(recipe.DELETE, 'DELETE', { id: other })
  })

  it('come in from a file, or are refused with what is wrong with it', async () => {
    const file = { format: 'ripe-acorn-recipe', formatVersion: 1, name: 'From a friend', recipe: card }
    expect((await call<Kept<Recipe>>(importing.POST, 'POST', { json: file })).body).toMatchObject({
      name: 'From a friend',
      body: card,
    })
    const refused = async (json: unknown, field: string, words: RegExp) => {
      const { body, status } = await call(importing.POST, 'POST', { json })
      expect({ status, field: body.field }).toEqual({ status: 400, field })
      expect(body.detail).toMatch(words)
    }
    await refused({ ...file, formatVersion: 2 }, 'formatVersion', /version 2, from a newer Ripe Acorn/)
    await refused({ ...file, format: 'x' }, 'format', /must be ripe-acorn-recipe/)
    await refused([], 'file', /one recipe/)
    await refused({ ...file, recipe: { ...card, gsm: 'thick' } }, 'recipe.gsm', /must be one of/)
  })

  it('go into a session and its PDF, and out again when they are removed', async () => {
    const groupId = uuid()
    await call(groups.POST, 'POST', {
      json: { id: groupId, name: 'Making', childIds: [], newChildren: [{ id: uuid(), name: 'Tavi' }] },
    })
    const { body: planned } = await call<Session>(sessions.POST, 'POST', {
      json: { id: uuid(), groupId, date: '2026-11-28', start: 570, minutes: 25, place: 'table', materials: [] },
    })
    const [recipeId, yardId] = [uuid(), uuid()]
    await call(recipes.POST, 'POST', { json: { id: recipeId, name: 'Dough', body: usualRecipe('dough') } })
    expect(
      (await call<Kept<Yard>>(yards.POST, 'POST', { json: { id: yardId, name: 'By the lock', body: USUAL_YARD } }))
        .status,
    ).toBe(200)
    expect((await call(attach.PUT, 'PUT', { id: planned.id, json: { recipeId: uuid() } })).status).toBe(404)
    await call(attach.PUT, 'PUT', { id: planned.id, json: { recipeId, yardId } })
    const context = (await call<SessionContext>(session.GET, 'GET', { id: planned.id })).body
    expect(context).toMatchObject({ recipe: { name: 'Dough' }, yard: { name: 'By the lock' } })
    await call(recipe.DELETE, 'DELETE', { id: recipeId })
    await call(yard.DELETE, 'DELETE', { id: yardId })
    expect((await call<SessionContext>(session.GET, 'GET', { id: planned.id })).body).toMatchObject({
      recipe: null,
      yard: null,
    })
  })

  it('refuse a yard that is none, and say what a space must have', async () => {
    const bad = async (change: object) =>
      call(yards.POST, 'POST', { json: { id: uuid(), name: 'x', body: { ...USUAL_YARD, ...change } } })
    expect((await bad({ turnDeg: 400 })).body).toMatchObject({ status: 400, field: 'body.turnDeg' })
    expect((await bad({ space: { kind: 'rectangle', widthMm: -1, depthMm: 1, obstacles: [] } })).status).toBe(400)
    expect(
      (
        await bad({
          laid: [
            { hour: 3, fromCentreMm: 1, fromTwelveMm: 1 },
            { hour: 3, fromCentreMm: 1, fromTwelveMm: 1 },
          ],
        })
      ).status,
    ).toBe(400)
    const tiny = { ...USUAL_YARD, space: { kind: 'round', radiusMm: 1000 } }
    const reply = await call(yardPdf.GET, 'GET', { query: `yard=${encodeURIComponent(JSON.stringify(tiny))}` })
    expect(reply.body).toMatchObject({ status: 400, field: 'free space' })
  })
})
