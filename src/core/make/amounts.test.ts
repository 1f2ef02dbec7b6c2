import { inEnglish } from '../wording'
import { describe, expect, it } from 'vitest'
import { readSvg } from '../../../tests/readback/svg'
import {
  circle,
  type Drawing,
  cutLength,
  path,
  pathLength,
  rectanglePath,
  scaledDrawing,
  toLayeredSvg,
  toSvg,
} from '../drawing'
import { RefusedValue } from '../errors'
import {
  type Recipe,
  amountsFor,
  makingCautions,
  makingSteps,
  minutesOfCutting,
  printerScale,
  rankRecipes,
  recipeAs,
  recipePages,
  recipePagesFor,
  solveRecipe,
  usualRecipe,
} from '.'
import { kinds } from '../../../tests/readback/recipes'

describe('the minutes of cutting', () => {
  const square = path(rectanglePath(0, 0, 180, 180), { layer: 'cut' })
  const round = circle({ x: 0, y: 0 }, 480 / (2 * Math.PI), { layer: 'cut' })

  it('are a minute for 720 mm straight or 480 mm round at 7, and fewer from 8 on', () => {
    expect([square, round].map((shape) => minutesOfCutting([shape], 7))).toEqual([1, 1])
    expect(minutesOfCutting([square, square, square], 7)).toBe(3)
    expect(minutesOfCutting([square, square, square], 8)).toBe(2)
    expect(minutesOfCutting([path(rectanglePath(0, 0, 180, 180), { layer: 'fold' })], 7)).toBe(0)
  })
})

describe('amounts', () => {
  it('count for all children and spares, a pair twice', () => {
    const seven: Recipe = { ...usualRecipe('plate'), children: 7, spares: 1 }
    const count = (recipe: Recipe, name: RegExp) =>
      amountsFor(recipe).list.find((each) => name.test(inEnglish(each.name)))?.count
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
