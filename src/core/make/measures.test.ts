import { inEnglish, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { paperIds } from '../../../tests/readback/recipes'
import { bodyArea, group, toSvg } from '../drawing'
import { faceShapes } from './faceParts'
import { middleShapes } from './faceGuides'
import {
  LARGEST_FACE_MM,
  LEAST_BAND_MM,
  RECIPE_KINDS,
  type Recipe,
  type RecipeKind,
  checkRecipe,
  contrastToWhite,
  measureChanges,
  recipePages,
  solveRecipe,
  stackMm,
  tilesFor,
  usualRecipe,
} from '.'

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
  ['hour-reach', { fixed: { faceMm: 100, hourHandMm: 40 } }, 'card', /reaches 8 mm into the numbers/],
  ['ratio', { fixed: { faceMm: 100, hourHandMm: 20 } }, 'card', /is 43 % of the minute hand/],
  ['width', { fixed: { minuteWidthMm: 11, hourWidthMm: 20 } }, 'card', /3 mm too narrow/],
  ['hole', { fastener: 'pipe-cleaner', fixed: { minuteWidthMm: 14, hourWidthMm: 20 } }, 'card', /Only 4 mm of paper/],
  ['leg', { backing: 'corrugated', fixed: { legMm: 9 } }, 'card', /2\.6 mm too short for a stack of 3\.6 mm/],
  ['point', { fixed: { legMm: 13 } }, 'layered', /A bare point: it comes 3 mm out/],
  ['band', { fixed: { faceMm: 180, middleMm: 150 } }, 'layered', /3 mm too narrow to write in/],
  ['apart', { fixed: { minuteWidthMm: 18, hourWidthMm: 18 } }, 'card', /differ by length alone/],
  ['ink', { halves: true }, 'card', /vanish on a printer/],
]

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
    expect(() => solveRecipe({ ...usualRecipe('card'), fixed: { faceMm } })).toThrow(/^face must be 60 to 420 mm, not/)
  })

  it('refuse a face that four on a page have no room for, and say what has', () => {
    const four: Recipe = { ...usualRecipe('draw'), perPage: 4 }
    expect(() => solveRecipe({ ...four, fixed: { faceMm: 120 } })).toThrow(
      /^face must be 60 to \d+ mm with four on a page, not 120 mm/,
    )
    for (const paper of paperIds) expect(recipePages({ ...four, paper })[0]?.title).toBe('My clock')
  })

  it.each([0, 500, 1.5, NaN])('refuse %d children', (children) => {
    expect(() => solveRecipe({ ...usualRecipe('card'), children })).toThrow(
      /^children must be a whole number from 1 to 60/,
    )
  })
})

describe('checks', () => {
  it.each(wrongs)('see what is wrong, by how much, and mend it: %s', (id, change, kind, words) => {
    const recipe: Recipe = { ...usualRecipe(kind), ...change }
    const check = checkRecipe(recipe, solveRecipe(recipe)).find((each) => each.id === id)
    expect(check?.ok).toBe(false)
    expect(inEnglish(check?.says ?? told(''))).toMatch(words)
    const mended: Recipe = { ...recipe, ...check?.mend?.change }
    expect(checkRecipe(mended, solveRecipe(mended)).find((each) => each.id === id)?.ok).toBe(true)
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
