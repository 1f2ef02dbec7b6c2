import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { pictureSet } from '../../scripts/pictures'
import {
  type Drawing,
  OAK,
  SLATE,
  makePage,
  pictureOf,
  picturePath,
  shapeSvg,
  textWidth,
  toSvg,
} from '../../src/core/drawing'
import { inEnglish } from '../../src/core/wording'
import { dialDrawing } from '../../src/core/faces'
import { paperClockPage } from '../../src/core/make'
import { type Printable, countsOn, printables } from '../../src/core/printables'
import { drawingsToPdf } from '../../src/server/pdf'
import { type PdfPage, type PdfPath, readPdf, textWidthIn } from '../readback/pdf'
import { rungsOf } from '../readback/prints'
import { type Point, type ReadShape, apart, readSvg, tipAngle } from '../readback/svg'

/** The directions of the filled hands of one colour, in the order in which they are drawn. */
function hands(page: PdfPage, colour: string): number[] {
  return page.paths
    .filter((path) => path.filled && path.colour === colour.toLowerCase() && path.points.length > 6)
    .map(({ points, origin }) => tipAngle(points, origin))
}

/** The longest level line of a page, mm: the check bar is the only one that long below the body. */
function barLength(page: PdfPage): number {
  const level = page.paths.filter(
    ({ filled, points }) =>
      !filled && points.length === 2 && Math.abs((points[0]?.y ?? 0) - (points[1]?.y ?? 9)) < 0.01,
  )
  const low = level.filter(({ points }) => (points[0]?.y ?? 0) > page.height - 16)
  return Math.max(...low.map(({ points: [a, b] }) => Math.abs((a?.x ?? 0) - (b?.x ?? 0))))
}

describe('hands in a PDF', () => {
  it('are within 0.1 degrees of where they belong, at every minute of the half day', async () => {
    const minutes = Array.from({ length: 720 }, (_, minute) => minute)
    const pages = await readPdf(
      await drawingsToPdf(
        minutes.map((minute) => dialDrawing(minute, { radius: 40 }, 'dial')),
        'dials',
      ),
    )
    expect(pages.length).toBe(720)
    const worst = Math.max(
      ...pages.flatMap((page, minute) => {
        const [hour, ...moreHours] = hands(page, OAK)
        const [long, ...moreLong] = hands(page, SLATE)
        expect(moreHours.length + moreLong.length).toBe(0)
        return [apart(hour ?? NaN, minute / 2), apart(long ?? NaN, (minute % 60) * 6)]
      }),
    )
    expect(worst).toBeLessThanOrEqual(0.1)
  })

  it('agree with the items of a sheet and its key', async () => {
    const options = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'to-fives', count: 12 } as const
    const { items, pages, key } = printables['read-dials'].make(options, 99)
    for (const page of await readPdf(await drawingsToPdf([...pages, ...key], 'sheet'))) {
      const [hour, long] = [hands(page, OAK), hands(page, SLATE)]
      expect(hour.length).toBe(12)
      items.forEach(({ shown: { minute } }, i) => {
        expect(apart(hour[i] ?? NaN, minute / 2)).toBeLessThanOrEqual(0.1)
        expect(apart(long[i] ?? NaN, (minute % 60) * 6)).toBeLessThanOrEqual(0.1)
      })
    }
  })
})

/** How far apart two paths lie, mm: where the pen sets down and lifts, and all between where neither has curves. */
function between({ tag, points }: ReadShape, path: PdfPath): number {
  const far = (a?: Point, b?: Point) => Math.hypot((a?.x ?? NaN) - (b?.x ?? NaN), (a?.y ?? NaN) - (b?.y ?? NaN))
  const last = path.points[path.points.length - 1]
  if (tag === 'circle') return Math.max(far(points[0], path.points[0]), far(points[0], last))
  if (points.length === path.points.length) return Math.max(...points.map((point, i) => far(point, path.points[i])))
  return Math.max(far(points[0], path.points[0]), far(points[points.length - 1], last))
}

/** Where a text begins on its baseline, told by its anchor, its width and its turn. */
function beginOf({ text = '', size = 0, weight, anchor, turn = 0, points: [at] }: ReadShape): Point {
  const width = textWidth(text, size, weight === 'bold' ? 'bold' : 'regular')
  const back = anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0
  const radians = (turn * Math.PI) / 180
  return { x: (at?.x ?? NaN) - back * Math.cos(radians), y: (at?.y ?? NaN) - back * Math.sin(radians) }
}

describe.each(Object.values(printables))('$name in a PDF', (printable: Printable) => {
  it('has every line, curve, circle and text where the SVG has it', async () => {
    const rung = rungsOf(printable)[0] ?? 'half'
    const options = {
      paper: 'a4',
      wording: { language: 'en-GB', form: 'turns' },
      rung,
      count: countsOn(printable, rung).usual,
    } as const
    const { pages, key } = printable.make(options, 7)
    const drawings = [...pages, ...key]
    const read = await readPdf(await drawingsToPdf(drawings, inEnglish(printable.name)))
    drawings.forEach((drawing, i) => {
      const shapes = readSvg(toSvg(drawing))
      const drawn = shapes.filter(({ tag }) => tag !== 'text')
      const paths = read[i]?.paths ?? []
      expect(paths.length).toBe(drawn.length)
      const farthest = Math.max(0, ...drawn.map((shape, at) => between(shape, paths[at] as PdfPath)))
      expect(farthest).toBeLessThan(0.02)
      const missing = shapes.filter((shape) => {
        const begin = beginOf(shape)
        const text = shape.text?.replace(/\s+/g, ' ')
        return (
          text &&
          !read[i]?.texts.some(
            (each) => each.text === text && Math.hypot(each.at.x - begin.x, each.at.y - begin.y) < 0.05,
          )
        )
      })
      expect(missing.map(({ text }) => text)).toEqual([])
    })
  })
})

describe('pictures of the set in a PDF', () => {
  const set = [...pictureSet()].slice(0, 12)
  const folder = mkdtempSync(join(tmpdir(), 'pictures-'))

  beforeAll(() => {
    mkdirSync(join(folder, 'client', 'pictures'), { recursive: true })
    for (const [id, outlines] of set)
      writeFileSync(join(folder, 'client', picturePath(id, 'colour')), shapeSvg(pictureOf(outlines, 20, 'colour')))
    vi.stubEnv('RIPE_ACORN_WORKERS', folder)
  })
  afterAll(() => {
    vi.unstubAllEnvs()
    rmSync(folder, { recursive: true })
  })

  const pageOf = (ids: readonly string[], look: 'colour' | 'outline'): Drawing =>
    makePage({
      paper: 'a4',
      title: 'x',
      footer: 'y',
      body: ids.map((picture, i) => {
        const [x, y] = [30 + (i % 3) * 50, 60 + Math.floor(i / 3) * 50]
        return { type: 'picture', picture, x, y, side: 30, look, layer: 'ink' }
      }),
    })
  const ids = set.map(([id]) => id)
  /** Where the outlines of the first picture lie on the page, as the core draws them. */
  const drawn = set.flatMap(([, outlines], i) => {
    const shape = pictureOf(outlines, 30, 'colour')
    return shape.type === 'group'
      ? shape.shapes.map((each) => ({ each, x: 30 + (i % 3) * 50, y: 60 + Math.floor(i / 3) * 50 }))
      : []
  })

  it.each(['colour', 'outline'] as const)('lie where they are drawn: %s', async (look) => {
    const [page] = await readPdf(await drawingsToPdf([pageOf(ids, look)], 'pictures'))
    const paths = page?.paths.filter(({ filled }) => filled) ?? []
    expect(paths.length).toBe(drawn.length)
    drawn.forEach(({ each, x, y }, i) => {
      const [first] = each.type === 'path' ? each.commands : []
      const at = first?.op === 'M' ? { x: x + first.x, y: y + first.y } : { x: NaN, y: NaN }
      expect(Math.hypot((paths[i]?.points[0]?.x ?? NaN) - at.x, (paths[i]?.points[0]?.y ?? NaN) - at.y)).toBeLessThan(
        0.02,
      )
    })
  })

  it('are in the file once, on however many pages they stand', async () => {
    const one = await drawingsToPdf([pageOf(ids, 'colour')], 'one')
    const twenty = await drawingsToPdf(
      Array.from({ length: 20 }, () => pageOf(ids, 'colour')),
      'twenty',
    )
    expect(one.length).toBeLessThanOrEqual(120_000)
    const forms = (pdf: Buffer) => pdf.toString('latin1').split('/Subtype /Form').length - 1
    expect([forms(one), forms(twenty)]).toEqual([12, 12])
    expect((await readPdf(twenty)).every(({ paths }) => paths.length >= drawn.length)).toBe(true)
  })

  it('have a frame to draw in where the set lacks them', async () => {
    const [page] = await readPdf(await drawingsToPdf([pageOf(['u0000'], 'colour')], 'missing'))
    expect(page?.paths.filter(({ points }) => points.length >= 4).length).toBe(1)
  })
})

describe('a long PDF', () => {
  it('lets others have their turn between its pages', async () => {
    const page = makePage({ paper: 'a4', title: 'x', footer: 'y', body: [] })
    const had: boolean[] = []
    let hadTurn = false
    setImmediate(() => (hadTurn = true))
    await drawingsToPdf([page, page, page], 'long', () => had.push(hadTurn))
    expect(had).toEqual([false, true, true])
  })
})

describe('a printed page', () => {
  it.each(['a4', 'letter'] as const)('is of true size, its bar 100 mm within 0.1: %s', async (paper) => {
    const [page, clock] = await readPdf(
      await drawingsToPdf(
        [makePage({ paper, title: 'x', footer: 'y', body: [] }), paperClockPage({ paper, lowInk: false })],
        'p',
      ),
    )
    expect(page?.width).toBeCloseTo(paper === 'a4' ? 210 : 215.9, 2)
    expect(page?.height).toBeCloseTo(paper === 'a4' ? 297 : 279.4, 2)
    for (const each of [page, clock]) expect(Math.abs(barLength(each as PdfPage) - 100)).toBeLessThanOrEqual(0.1)
  })

  it('has text as wide as it was measured: no kerning, no ligatures', async () => {
    const words = 'AVATAR fifty-five To Ta flat'
    const size = 10
    const drawing = {
      width: 200,
      height: 40,
      title: 'text',
      shapes: [{ type: 'text', layer: 'ink', x: 5, y: 20, text: words, size }],
    } as const
    const pdf = await drawingsToPdf([drawing], 'text')
    expect(Math.abs((await textWidthIn(pdf)) - textWidth(words, size))).toBeLessThan(0.05)
  })

  it('carries names as they are, in the fonts that ship', async () => {
    const names = ['Zoë Łukasiewicz', '<b>Pip</b> & Co', '🦦 Rill']
    const pages = await readPdf(
      await drawingsToPdf(
        names.map((name) => paperClockPage({ paper: 'a4', lowInk: false }, name)),
        'names',
      ),
    )
    expect(pages[0]?.text.replace(/\n/g, '')).toContain('Zoë Łukasiewicz')
    expect(pages[1]?.text).toContain('<b>Pip</b> & Co')
    expect(pages[2]?.text).toContain('Rill')
  })
})
