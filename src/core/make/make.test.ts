import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Box, boxOf, readSvg } from '../../../tests/readback/svg'
import {
  type Drawing,
  type PaperId,
  type Shape,
  SAFE_MARGIN_MM,
  bodyArea,
  cutLength,
  group,
  papers,
  pathLength,
  scaledDrawing,
  toLayeredSvg,
  toSvg,
} from '../drawing'
import { RefusedValue } from '../errors'
import { faceShapes, middleShapes } from './parts'
import {
  BACKINGS,
  type FastenerId,
  LARGEST_FACE_MM,
  LEAST_BAND_MM,
  MEASURE_LIMITS,
  type MeasureId,
  PAPER_ROUND_HOLE_MM,
  RECIPE_KINDS,
  type Recipe,
  type RecipeKind,
  amountsFor,
  checkRecipe,
  contrastToWhite,
  fasteners,
  makingCautions,
  makingSteps,
  measureChanges,
  printerScale,
  rankRecipes,
  recipeAs,
  recipePages,
  recipePagesFor,
  solveRecipe,
  stackMm,
  tilesFor,
  usualRecipe,
} from '.'

const kinds = Object.keys(RECIPE_KINDS) as RecipeKind[]
const paperIds = Object.keys(papers) as PaperId[]

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

describe('10,000 random recipes', () => {
  it('have, where every check passes, no parts that overlap, none off the page, no hole too near an edge', () => {
    let tried = 0
    let passed = 0
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        tried++
        const measures = solvedOrRefused(recipe)
        if (!measures) return
        const failed = checkRecipe(recipe, measures).filter((check) => !check.ok)
        if (failed.length > 0) {
          for (const { says } of failed) if (says.includes('NaN') || says.includes('undefined')) throw new Error(says)
          return
        }
        passed++
        const { width, height } = papers[recipe.paper]
        for (const page of recipePages(recipe)) {
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

describe('measures', () => {
  it('follow from the plate, the card and the fastener, worked by hand', () => {
    // 18 cm plate: its flat is 0.68 of it, 122 mm; hands 0.925 of the radius and 0.6 of that.
    const plate = solveRecipe({ ...usualRecipe('plate'), paper: 'letter', fixed: { plateMm: 180 } })
    expect(plate.faceMm).toBe(122)
    expect(plate.minuteHandMm).toBeCloseTo(56.425, 6)
    expect(plate.hourHandMm).toBeCloseTo(33.855, 6)
    // Card face and two card hands on a plate: 3 × 0.2 + 0.6.
    expect(stackMm(usualRecipe('plate'))).toBeCloseTo(1.2, 9)
    expect(plate.legMm).toBe(45)
    const layered = solveRecipe(usualRecipe('layered'))
    expect((layered.faceMm - layered.middleMm) / 2).toBeGreaterThanOrEqual(LEAST_BAND_MM)
  })

  it('keep what is fixed and work out the rest, and say what changed', () => {
    const before = solveRecipe(usualRecipe('card'))
    const after = solveRecipe({ ...usualRecipe('card'), fixed: { faceMm: 120 } })
    expect(after).toMatchObject({ faceMm: 120, minuteHandMm: 55.5 })
    expect(
      measureChanges(before, after, 'faceMm')
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['hourHandMm', 'minuteHandMm', 'secondHandMm', 'middleMm'].sort())
    expect(solveRecipe({ ...usualRecipe('card'), fixed: { faceMm: 120, minuteHandMm: 50 } }).hourHandMm).toBeCloseTo(
      30,
      9,
    )
  })

  it('let the minute hand lie on the minute marks that are printed, and stay on the face, on every kind of clock', () => {
    const kinds = fc.constantFrom(...(Object.keys(RECIPE_KINDS) as RecipeKind[]))
    fc.assert(
      fc.property(kinds, fc.integer({ min: 80, max: 180 }), (kind, faceMm) => {
        const recipe = { ...usualRecipe(kind), fixed: { faceMm }, tile: true }
        const m = solveRecipe(recipe)
        const marks = printedMarks(recipe)
        expect(marks.length).toBeGreaterThan(3)
        for (const { from, to } of marks) {
          expect(m.minuteHandMm).toBeGreaterThanOrEqual(from - 0.05)
          expect(m.minuteHandMm).toBeLessThanOrEqual(to + 0.05)
        }
        const reach = checkRecipe(recipe, m).find(({ id }) => id === 'minute-reach')
        expect(reach?.ok ?? true).toBe(true)
        // A hand that ends where the longer marks of the hours begin is short of the minute marks.
        const short = { ...recipe, fixed: { faceMm, minuteHandMm: Math.min(...marks.map(({ from }) => from)) - 0.1 } }
        expect(checkRecipe(short, solveRecipe(short)).find(({ id }) => id === 'minute-reach')?.ok ?? false).toBe(false)
      }),
      { numRuns: 60 },
    )
  })

  it.each([0, -5, NaN, Infinity, 1e9])('refuse a face of %d mm, naming it and what would be right', (faceMm) => {
    expect(() => solveRecipe({ ...usualRecipe('card'), fixed: { faceMm } })).toThrow(/^face must be 60 to 420 mm, got/)
  })

  it('refuse a face that four on a page have no room for, and say what has', () => {
    const four: Recipe = { ...usualRecipe('draw'), perPage: 4 }
    expect(() => solveRecipe({ ...four, fixed: { faceMm: 120 } })).toThrow(
      /^face must be 60 to \d+ mm with four on a page, got 120 mm/,
    )
    for (const paper of paperIds) expect(recipePages({ ...four, paper })[0]?.title).toBe('My clock')
  })

  it.each([0, 500, 1.5, NaN])('refuse %d children', (children) => {
    expect(() => solveRecipe({ ...usualRecipe('card'), children })).toThrow(
      /^children must be a whole number from 1 to 60/,
    )
  })
})

/**
 * The strokes of a printed face that run away from its pivot, read from its SVG: those of the minutes where it has
 * them.
 */
function printedMarks(recipe: Recipe): { from: number; to: number }[] {
  const m = solveRecipe(recipe)
  const shapes = recipe.kind === 'layered' ? middleShapes(m) : faceShapes(recipe, m)
  const extent = m.faceMm
  const drawing = {
    width: 2 * extent,
    height: 2 * extent,
    title: 'face',
    shapes: [group(shapes, { x: extent, y: extent })],
  }
  const marks = [
    ...toSvg(drawing).matchAll(
      /(?:<line x1="([-\d.]+)" y1="([-\d.]+)" x2="([-\d.]+)" y2="([-\d.]+)"|M([-\d.]+)[ ,]([-\d.]+)L([-\d.]+)[ ,]([-\d.]+))/g,
    ),
  ]
    .map((found) =>
      found
        .slice(1)
        .filter((each) => each !== undefined)
        .map(Number),
    )
    .map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => ({
      angle: Math.round((Math.atan2(x2, -y2) * 180) / Math.PI + 360) % 360,
      from: Math.hypot(x1, y1),
      to: Math.hypot(x2, y2),
      bend: Math.abs(x1 * y2 - y1 * x2) / (Math.hypot(x1, y1) * Math.hypot(x2, y2)),
    }))
    .filter(({ from, bend }) => from > m.middleMm / 4 && bend < 0.001)
  const minutes = marks.filter(({ angle }) => angle % 30 !== 0)
  return minutes.length > 0 ? minutes : marks
}

/** A recipe with one thing wrong, and the check that must see it. */
const wrongs: [string, Partial<Recipe>, RecipeKind, RegExp][] = [
  ['page', { fixed: { faceMm: 250 } }, 'card', /^63\.7 mm too large for the page/],
  ['plate', { fixed: { plateMm: 180, faceMm: 130 } }, 'plate', /^7\.6 mm wider than the plate/],
  ['minute-reach', { fixed: { faceMm: 100, minuteHandMm: 60 } }, 'card', /reaches 11\.8 mm beyond/],
  ['minute-reach', { fixed: { faceMm: 100, minuteHandMm: 30 } }, 'card', /stops 16 mm short/],
  ['hour-reach', { fixed: { faceMm: 100, hourHandMm: 40 } }, 'card', /reaches 8 mm into the numerals/],
  ['ratio', { fixed: { faceMm: 100, hourHandMm: 20 } }, 'card', /is 43 % of the minute hand/],
  ['width', { fixed: { minuteWidthMm: 11, hourWidthMm: 20 } }, 'card', /3 mm too narrow/],
  ['hole', { fastener: 'pipe-cleaner', fixed: { minuteWidthMm: 14, hourWidthMm: 20 } }, 'card', /Only 4 mm of paper/],
  ['leg', { backing: 'corrugated', fixed: { legMm: 9 } }, 'card', /2\.6 mm too short for a stack of 3\.6 mm/],
  ['point', { fixed: { legMm: 13 } }, 'layered', /A bare point: it comes 3 mm out/],
  ['band', { fixed: { faceMm: 180, middleMm: 150 } }, 'layered', /3 mm too narrow to write in/],
  ['apart', { fixed: { minuteWidthMm: 18, hourWidthMm: 18 } }, 'card', /differ by length alone/],
  ['ink', { halves: true }, 'card', /vanish on a printer/],
]

describe('checks', () => {
  it.each(wrongs)('see what is wrong, by how much, and mend it: %s', (id, change, kind, words) => {
    const recipe: Recipe = { ...usualRecipe(kind), ...change }
    const check = checkRecipe(recipe, solveRecipe(recipe)).find((each) => each.id === id)
    expect(check?.ok).toBe(false)
    expect(check?.says).toMatch(words)
    const mended: Recipe = { ...recipe, ...check?.mend?.change }
    expect(checkRecipe(mended, solveRecipe(mended)).find((each) => each.id === id)?.ok, check?.mend?.says).toBe(true)
  })

  it('offer to print a face in parts where even the largest does not fit', () => {
    const recipe: Recipe = { ...usualRecipe('card'), tile: true, fixed: { faceMm: 300 } }
    expect(checkRecipe(recipe, solveRecipe(recipe)).find(({ id }) => id === 'page')).toMatchObject({ ok: true })
    expect(recipePages(recipe).filter(({ title }) => title.includes('part')).length).toBeGreaterThanOrEqual(4)
  })

  it('measure contrast as the web does', () => {
    expect(contrastToWhite('#ffffff')).toBeCloseTo(1, 9)
    expect(contrastToWhite('#767676')).toBeCloseTo(4.54, 2)
  })
})

describe('parts of a face that is larger than the page', () => {
  it('cover it, overlap by 10 mm and stay on the page', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...paperIds),
        fc.double({ min: 60, max: LARGEST_FACE_MM, noNaN: true }),
        (paper, size) => {
          const area = bodyArea(paper)
          const { tiles, columns, rows } = tilesFor(size, area)
          expect(tiles.length).toBe(columns * rows)
          const last = tiles[tiles.length - 1]
          expect((last?.x ?? 0) + (last?.width ?? 0)).toBeCloseTo(size, 6)
          expect((last?.y ?? 0) + (last?.height ?? 0)).toBeCloseTo(size, 6)
          for (const tile of tiles) {
            expect(tile.width).toBeLessThanOrEqual(area.width + 1e-9)
            expect(tile.height).toBeLessThanOrEqual(area.height + 1e-9)
            const next = tiles.find((other) => other.column === tile.column + 1 && other.row === tile.row)
            if (next) expect(tile.x + tile.width - next.x).toBeCloseTo(10, 6)
          }
        },
      ),
    )
  })
})

describe('amounts', () => {
  it('count for all children and spares, a pair twice', () => {
    const seven: Recipe = { ...usualRecipe('plate'), children: 7, spares: 1 }
    const count = (recipe: Recipe, name: RegExp) => amountsFor(recipe).list.find((each) => name.test(each.name))?.count
    expect(count(seven, /hairpins/)).toBe(16)
    expect(count(seven, /plates/)).toBe(8)
    expect(count(seven, /pages/)).toBe(8)
    expect(count({ ...seven, hands: 'pair' }, /plates/)).toBe(16)
    // Two hands and a face a clock, half a minute a hole.
    expect(amountsFor(seven).holeMinutes).toBe(12)
  })

  it('take the minutes of cutting from the lengths of the cuts', () => {
    const amounts = amountsFor(usualRecipe('card'))
    const due = Math.ceil((amounts.straightMm / 12 + amounts.curvedMm / 8) / 60)
    expect(amounts.cuttingMinutes).toBe(due)
    expect(amountsFor({ ...usualRecipe('card'), cuttingMinutes: 20 }).cuttingMinutes).toBe(20)
    // A full turn of 90 mm about the middle.
    expect(
      pathLength([
        { op: 'M', x: 0, y: -90 },
        { op: 'A', r: 90, large: false, sweep: true, x: 0, y: 90 },
        { op: 'A', r: 90, large: false, sweep: true, x: 0, y: -90 },
        { op: 'Z' },
      ]).curved,
    ).toBeCloseTo(2 * Math.PI * 90, 6)
    expect(cutLength([{ type: 'line', layer: 'cut', x1: 0, y1: 0, x2: 30, y2: 40 }]).straight).toBe(50)
  })

  it('come with an order of work and the cautions that apply', () => {
    for (const kind of kinds) {
      const recipe = usualRecipe(kind)
      const steps = makingSteps(recipe, solveRecipe(recipe))
      expect(steps[0]).toContain('100 mm')
      expect(steps[steps.length - 1]).toContain('12 is at the top')
    }
    expect(makingSteps(usualRecipe('layered'), solveRecipe(usualRecipe('layered'))).join(' ')).toContain(
      'into the eraser before a child holds',
    )
    expect(makingCautions(usualRecipe('dough'))).toEqual(expect.arrayContaining(['dough', 'pipe-cleaners', 'glue']))
  })
})

describe('the order of the work', () => {
  const stepsOf = (recipe: Recipe) => makingSteps(recipe, solveRecipe(recipe)).join(' ')

  it('names only the hands that there are, and joins only what is printed in parts', () => {
    expect(stepsOf({ ...usualRecipe('card'), hands: 'hour' })).toContain('The hour hand on the face; join')
    expect(stepsOf({ ...usualRecipe('card'), hands: 'pair' })).toContain('on one face, the minute hand on the other')
    expect(stepsOf({ ...usualRecipe('dough'), hands: 'minute' })).not.toContain('hour hand')
    expect(stepsOf({ ...usualRecipe('card'), tile: true })).not.toContain('Join the parts')
    expect(stepsOf({ ...usualRecipe('card'), tile: true, fixed: { faceMm: 300 } })).toContain('Join the parts')
  })
})

describe('what comes out', () => {
  it('is one clock a child, each with its name', () => {
    const names = ['Tavi', undefined, 'Bram']
    const pages = recipePagesFor(usualRecipe('card'), names)
    expect(
      pages.map((page) => readSvg(toSvg(page)).find(({ text }) => text === 'Tavi' || text === 'Bram')?.text),
    ).toEqual(names)
    expect(() => recipePagesFor(usualRecipe('card'), [])).toThrow(RefusedValue)
  })

  it('has its layers by name, with nothing lost', () => {
    const [page] = recipePages(usualRecipe('card'))
    if (!page) throw new Error('no page')
    const layered = toLayeredSvg(page)
    for (const layer of ['cut', 'guide', 'ink'])
      expect(layered).toContain(`<g id="${layer}" inkscape:groupmode="layer"`)
    const count = (svg: string) => (svg.match(/data-layer=/g) ?? []).length
    expect(count(layered)).toBe(count(toSvg(page)))
  })

  it('is made good for a printer that is off, about the middle of the page', () => {
    const [page] = recipePages({ ...usualRecipe('card'), fixed: { faceMm: 120 } })
    if (!page) throw new Error('no page')
    const scaled = scaledDrawing(page, 1 / printerScale(94))
    const bar = (drawing: Drawing) =>
      Math.max(
        ...readSvg(toSvg(drawing))
          .filter(({ parts, tag }) => parts.includes('check-bar') && tag === 'line')
          .map(({ points: [a, b] }) => (b?.x ?? 0) - (a?.x ?? 0)),
      )
    expect(bar(scaled) * 0.94).toBeCloseTo(100, 2)
    expect(() => printerScale(0)).toThrow(/bar as measured/)
  })

  it('keeps what the adult set when the kind is changed', () => {
    const recipe = recipeAs('layered', { ...usualRecipe('card'), paper: 'letter', children: 7, hands: 'pair' })
    expect(recipe).toMatchObject({ kind: 'layered', paper: 'letter', children: 7, hands: 'pair', fastener: 'pushpin' })
  })
})

describe('which clock suits', () => {
  const all = ['card', 'plates', 'fasteners', 'hairpins', 'pushpins', 'pipe-cleaners', 'dough', 'scissors'] as const
  const best = (change: object) =>
    rankRecipes({ youngest: 6, children: 4, rung: 'oclock', minutes: 20, materials: all, ...change })[0]

  it('follows what is to hand, the ages and the minutes, and says why', () => {
    expect(best({ materials: [] })?.kind).toBe('draw')
    expect(best({ materials: ['plates', 'hairpins', 'card', 'scissors'] })?.kind).not.toBe('layered')
    expect(best({ youngest: 4, minutes: 10 })?.kind).toBe('dough')
    for (const { because } of rankRecipes({ youngest: 6, children: 30, rung: 'fives', minutes: 25, materials: all }))
      expect(because.length).toBeGreaterThan(1)
  })
})
