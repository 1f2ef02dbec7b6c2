import { inEnglish } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { kinds, paperIds } from '../../../tests/readback/recipes'
import { type Box, boxOf, readSvg } from '../../../tests/readback/svg'
import { type Drawing, type Shape, SAFE_MARGIN_MM, paperOf, toSvg } from '../drawing'
import { RefusedValue } from '../errors'
import {
  BACKINGS,
  type FastenerId,
  MEASURE_LIMITS,
  type MeasureId,
  PAPER_ROUND_HOLE_MM,
  type Recipe,
  checkRecipe,
  fasteners,
  recipePages,
  solveRecipe,
  usualRecipe,
} from '.'

const fixedMeasures = fc.record(
  Object.fromEntries(
    (Object.keys(MEASURE_LIMITS) as MeasureId[]).map((id) => [
      id,
      fc.double({ min: MEASURE_LIMITS[id].least, max: Math.min(MEASURE_LIMITS[id].most, 330), noNaN: true }),
    ]),
  ),
  { requiredKeys: [] },
) as fc.Arbitrary<Recipe['fixed']>

const anyRecipe: fc.Arbitrary<Recipe> = fc
  .record({
    kind: fc.constantFrom(...kinds),
    paper: fc.constantFrom(...paperIds),
    gsm: fc.constantFrom(80 as const, 160 as const, 300 as const),
    backing: fc.constantFrom(...BACKINGS),
    fastener: fc.constantFrom(...(Object.keys(fasteners) as FastenerId[])),
    hands: fc.constantFrom('both' as const, 'hour' as const, 'minute' as const, 'pair' as const),
    flags: fc.tuple(fc.boolean(), fc.boolean(), fc.boolean(), fc.boolean(), fc.boolean(), fc.boolean(), fc.boolean()),
    face: fc.constantFrom('full' as const, 'quarters' as const, 'blank' as const),
    guides: fc.constantFrom('all' as const, 'quarters' as const, 'centre' as const, 'none' as const),
    perPage: fc.constantFrom(1 as const, 4 as const),
    age: fc.integer({ min: 4, max: 10 }),
    // Half of them with nothing fixed, as most adults leave it.
    fixed: fc.oneof(fc.constant({}), fixedMeasures),
  })
  .map(({ flags: [secondHand, ringOfFives, halves, zoneLines, quarterShading, lowInk, tile], ...rest }) => ({
    ...usualRecipe(rest.kind),
    ...rest,
    secondHand,
    ringOfFives,
    halves,
    zoneLines,
    quarterShading,
    lowInk,
    tile,
  }))

/** The measures, or undefined where the recipe is refused by name: four large faces on one page. */
function solvedOrRefused(recipe: Recipe) {
  try {
    return solveRecipe(recipe)
  } catch (error) {
    if (!(error instanceof RefusedValue) || error.field !== 'face') throw error
    return undefined
  }
}

/**
 * The boxes of all that is cut, a group a part, straight from the numbers of the drawing; written apart from the
 * layout.
 */
function cutBoxes(page: Drawing): Box[] {
  const boxes: Box[] = []
  const walk = (shapes: readonly Shape[], x: number, y: number, turn: number, into: number[][] | undefined): void => {
    for (const shape of shapes) {
      const at = (px: number, py: number) => {
        const a = (turn * Math.PI) / 180
        return [x + px * Math.cos(a) - py * Math.sin(a), y + px * Math.sin(a) + py * Math.cos(a)]
      }
      if (shape.type === 'group') {
        const [gx = 0, gy = 0] = at(shape.x, shape.y)
        const isPart = shape.part !== undefined && shape.part !== 'tile' && shape.part !== 'check-bar'
        const points: number[][] | undefined = isPart ? [] : into
        walk(shape.shapes, gx, gy, turn + (shape.turn ?? 0), points)
        if (isPart && points && points.length > 0)
          boxes.push({
            left: Math.min(...points.map(([px = 0]) => px)),
            right: Math.max(...points.map(([px = 0]) => px)),
            top: Math.min(...points.map(([, py = 0]) => py)),
            bottom: Math.max(...points.map(([, py = 0]) => py)),
          })
      } else if (shape.type === 'path' && shape.layer === 'cut' && into) {
        let before = { x: 0, y: 0 }
        for (const c of shape.commands) {
          if (c.op === 'Z') continue
          if (c.op === 'C')
            for (let t = 0.1; t < 1; t += 0.1) {
              const u = 1 - t
              into.push(
                at(
                  u ** 3 * before.x + 3 * u * u * t * c.x1 + 3 * u * t * t * c.x2 + t ** 3 * c.x,
                  u ** 3 * before.y + 3 * u * u * t * c.y1 + 3 * u * t * t * c.y2 + t ** 3 * c.y,
                ),
              )
            }
          // An arc reaches as far as its circle about the middle of a chord that is its diameter.
          if (c.op === 'A' && Math.abs(Math.hypot(c.x - before.x, c.y - before.y) - 2 * c.r) < 0.01) {
            const [mx, my] = [(c.x + before.x) / 2, (c.y + before.y) / 2]
            into.push(
              at(mx - (c.y - before.y) / 2, my + (c.x - before.x) / 2),
              at(mx + (c.y - before.y) / 2, my - (c.x - before.x) / 2),
            )
          }
          into.push(at(c.x, c.y))
          before = c
        }
      }
    }
  }
  walk(page.shapes, 0, 0, 0, undefined)
  return boxes
}

const PARTS = ['face', 'middle', 'hub', 'minute-hand', 'hour-hand', 'second-hand', 'minute-strip', 'hour-strip']

/** What a clock is made of, as an adult would list it; apart from what lays it out. */
function wantedParts({ kind, perPage, hands, secondHand }: Recipe): string[] {
  const isFourUp = kind === 'draw' && perPage === 4
  const of = (shown: 'both' | 'hour' | 'minute') => {
    // The child draws the hands of these.
    if (isFourUp) return ['face', 'face', 'face', 'face']
    const ending = kind === 'dough' ? 'strip' : 'hand'
    return [
      'face',
      ...(kind === 'layered' ? ['middle', 'hub'] : []),
      ...(shown === 'hour' ? [] : [`minute-${ending}`]),
      ...(shown === 'minute' ? [] : [`hour-${ending}`]),
      ...(secondHand && kind !== 'dough' ? ['second-hand'] : []),
    ]
  }
  return hands === 'pair' ? [...of('hour'), ...of('minute')] : of(hands)
}

/** What is there on the pages; of a part that goes over several pages, one. */
function printedParts(pages: readonly Drawing[]): string[] {
  const found: string[] = []
  const tiled = new Set<string>()
  const walk = (shapes: readonly Shape[], isTiled: boolean): void => {
    for (const shape of shapes) {
      if (shape.type !== 'group') continue
      if (shape.part !== undefined && PARTS.includes(shape.part)) {
        if (isTiled) tiled.add(shape.part)
        else found.push(shape.part)
      }
      walk(shape.shapes, isTiled || shape.part === 'tile')
    }
  }
  for (const { shapes } of pages) walk(shapes, false)
  return [...found, ...tiled]
}

describe('10,000 random recipes', () => {
  it('have, where every check passes, all their parts, none on another, off the page, or with a hole too near an edge', () => {
    let tried = 0
    let passed = 0
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        tried++
        const measures = solvedOrRefused(recipe)
        if (!measures) return
        const failed = checkRecipe(recipe, measures).filter((check) => !check.ok)
        if (failed.length > 0) {
          for (const says of failed.map((check) => inEnglish(check.says)))
            if (says.includes('NaN') || says.includes('undefined')) throw new Error(says)
          return
        }
        passed++
        const { width, height } = paperOf(recipe.paper)
        const pages = recipePages(recipe)
        // Two faces in parts, one with each hand, cannot be told apart here.
        const isTiled = pages.some(({ title }) => title.includes('part'))
        if (!(isTiled && recipe.hands === 'pair'))
          expect(printedParts(pages).sort(), JSON.stringify(recipe)).toEqual(wantedParts(recipe).sort())
        for (const page of pages) {
          const tiled = page.title.includes('part')
          const boxes = cutBoxes(page)
          if (tiled) continue
          boxes.forEach((box, i) => {
            if (
              box.left < SAFE_MARGIN_MM - 0.3 ||
              box.right > width - SAFE_MARGIN_MM + 0.3 ||
              box.bottom > height - SAFE_MARGIN_MM ||
              box.top < SAFE_MARGIN_MM
            )
              throw new Error(`off the page: ${JSON.stringify(box)}`)
            for (const other of boxes.slice(i + 1))
              if (box.left < other.right && other.left < box.right && box.top < other.bottom && other.top < box.bottom)
                throw new Error(`overlap: ${JSON.stringify([box, other])}`)
          })
        }
        const hole = fasteners[recipe.fastener].holeMm
        const isCut = recipe.kind !== 'dough' && !(recipe.kind === 'draw' && recipe.perPage === 4)
        if (isCut && recipe.hands !== 'hour' && (measures.minuteWidthMm - hole) / 2 < PAPER_ROUND_HOLE_MM - 0.1)
          throw new Error('hole too near the edge')
        if (isCut && recipe.hands !== 'minute' && (measures.hourWidthMm - hole) / 2 < PAPER_ROUND_HOLE_MM - 0.1)
          throw new Error('hole too near the edge')
      }),
      { numRuns: 10_000 },
    )
    expect(passed / tried).toBeGreaterThan(0.1)
  }, 300_000)
})

describe('a recipe as it is usually made', () => {
  it.each(kinds.flatMap((kind) => paperIds.map((paper) => [kind, paper] as const)))(
    'passes every check: %s on %s',
    (kind, paper) => {
      for (const hands of ['both', 'pair', 'hour', 'minute'] as const) {
        const recipe = { ...usualRecipe(kind), paper, hands }
        expect(checkRecipe(recipe, solveRecipe(recipe)).filter(({ ok }) => !ok)).toEqual([])
      }
    },
  )

  it.each(kinds)('is printed to the tenth of a millimetre, read back from its SVG: %s', (kind) => {
    const recipe = usualRecipe(kind)
    const m = solveRecipe(recipe)
    const shapes = recipePages(recipe).flatMap((page) => readSvg(toSvg(page)))
    const cutOf = (part: string) =>
      boxOf(shapes.filter((shape) => shape.parts.includes(part) && (shape.layer === 'cut' || part.endsWith('strip'))))
    const face = cutOf('face')
    const faceCut = kind === 'layered' ? m.faceMm : 2 * (m.faceMm / 2) * 1.015 - 0.4
    expect(face.bottom - face.top).toBeCloseTo(faceCut, 1)
    if (kind === 'dough') {
      expect(cutOf('minute-strip').right - cutOf('minute-strip').left).toBeCloseTo(m.minuteHandMm, 1)
      expect(cutOf('hour-strip').right - cutOf('hour-strip').left).toBeCloseTo(m.hourHandMm, 1)
      return
    }
    for (const [part, length] of [
      ['minute-hand', m.minuteHandMm],
      ['hour-hand', m.hourHandMm],
    ] as const) {
      const hand = shapes.find((shape) => shape.parts.includes(part) && shape.layer === 'cut')
      if (!hand) throw new Error(`no ${part}`)
      expect(Math.max(...hand.points.map(({ x }) => x)) - hand.origin.x).toBeCloseTo(length, 1)
    }
    if (kind === 'layered') expect(cutOf('hub').right - cutOf('hub').left).toBeCloseTo(m.hubMm - 0.4, 1)
  })
})
