import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readSvg } from '../../../tests/readback/svg'
import { RefusedValue } from '../errors'
import {
  angleOnDial,
  bodyArea,
  circlePath,
  fitSize,
  flowPages,
  group,
  line,
  makePage,
  paragraph,
  picturesIn,
  pointOnDial,
  printable,
  scaledShape,
  textWidth,
  toSvg,
  withPictures,
  wrapText,
  type PaperId,
} from '.'

const papersHere: PaperId[] = ['a4', 'letter']

describe('a picture of the set', () => {
  const page = (look: 'colour' | 'outline') => ({
    width: 50,
    height: 50,
    title: '',
    shapes: [group([{ type: 'picture', picture: 'u1f68c', x: 10, y: 20, side: 8, look, layer: 'ink' }])],
  })
  const outlines = [
    ['#AA5500', 'M-10 -10L10 -10L10 10Z'],
    ['#101010', 'M0 0C1 0 2 1 2 2Z', 'evenodd'],
  ] as const

  it('stands in a drawing by its name, about its middle, and grows with it', () => {
    expect(picturesIn([page('colour'), page('outline')])).toEqual(['u1f68c'])
    expect(toSvg(page('colour'))).toContain('<image href="/pictures/u1f68c.svg" x="6" y="16" width="8" height="8"')
    expect(toSvg(page('outline'))).toContain('href="/pictures/u1f68c-outline.svg"')
    const [shape = group([])] = page('colour').shapes
    expect(toSvg({ ...page('colour'), shapes: [scaledShape(shape, 0.5)] })).toContain(
      'x="3" y="8" width="4" height="4"',
    )
  })

  it('is put in with its outlines, in colour or as contours with only the dark filled', () => {
    const drawn = (look: 'colour' | 'outline') => toSvg(withPictures(page(look), () => outlines))
    expect(drawn('colour')).toContain('translate(10 20)')
    expect(drawn('colour')).toMatch(/d="M-4 -4L4 -4L4 4Z" fill="#AA5500" data-layer/)
    expect(drawn('colour')).toMatch(/d="M0 0C0.4 0 0.8 0.4 0.8 0.8Z" fill-rule="evenodd" fill="#101010"/)
    expect(drawn('outline')).toMatch(/d="M-4 -4L4 -4L4 4Z" fill="#FFFFFF" stroke="#2B2320" stroke-width="0.15"/)
    expect(drawn('outline')).toMatch(/fill-rule="evenodd" fill="#2B2320"/)
  })

  it('has a frame to draw in where there is none of its name', () => {
    const drawn = toSvg(withPictures(page('colour'), () => undefined))
    expect(drawn).not.toMatch(/<image/)
    expect(drawn.match(/<path[^>]*stroke-dasharray/g)?.length).toBe(1)
  })
})

describe('svg', () => {
  it('refuses a coordinate that is no number, wherever it stands', () => {
    const draw = (x: number) =>
      toSvg({
        width: 10,
        height: 10,
        title: '',
        shapes: [{ type: 'group', x: 0, y: 0, shapes: [{ type: 'circle', layer: 'ink', cx: x, cy: 1, r: 1 }] }],
      })
    expect(() => draw(NaN)).toThrow(RefusedValue)
    expect(() => draw(Infinity)).toThrow(/finite number of millimetres/)
    expect(draw(2)).toContain('cx="2"')
  })

  it('never lets text out of its element', () => {
    const svg = toSvg({
      width: 10,
      height: 10,
      title: '<script>"&',
      shapes: [{ type: 'text', layer: 'ink', x: 0, y: 0, text: '</text><script>', size: 3 }],
    })
    expect(svg).not.toContain('<script>')
    expect(readSvg(svg)[0]?.text).toBe('</text><script>')
  })

  it('is always XML, whatever the text: no character that XML forbids', () => {
    const text = fc.string({ unit: fc.integer({ min: 0, max: 0xffff }).map((code) => String.fromCharCode(code)) })
    fc.assert(
      fc.property(text, (said) => {
        const shape = { type: 'text', layer: 'ink', x: 0, y: 0, text: said, size: 3 } as const
        const svg = toSvg({ width: 10, height: 10, title: said, shapes: [shape] })
        for (const letter of svg) {
          const code = letter.codePointAt(0) ?? 0
          // As the XML 1.0 recommendation lists them, in section 2.2.
          const isAllowed =
            [9, 10, 13].includes(code) ||
            (code >= 32 && !(code >= 0xd800 && code <= 0xdfff) && code !== 0xfffe && code !== 0xffff)
          expect(isAllowed, `U+${code.toString(16)}`).toBe(true)
        }
      }),
    )
  })
})

describe('a circle that is one path', () => {
  it('is round to a hundredth of a millimetre at any size, once it is rounded to be written', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 300, noNaN: true }), (r) => {
        const rounded = circlePath(0, 0, Math.round(r * 2000) / 2000)
        const [shape] = readSvg(
          toSvg({ width: 1, height: 1, title: '', shapes: [{ type: 'path', layer: 'cut', commands: rounded }] }),
        )
        for (const { x, y } of shape?.points ?? []) expect(Math.abs(Math.hypot(x, y) - r)).toBeLessThan(0.01)
        // Each quarter's middle, by its chord and the radius as written.
        const corners = shape?.points ?? []
        const written = Number(
          /A([\d.]+) /.exec(
            toSvg({ width: 1, height: 1, title: '', shapes: [{ type: 'path', layer: 'cut', commands: rounded }] }),
          )?.[1],
        )
        corners.slice(1).forEach((to, i) => {
          const from = corners[i] ?? to
          const half = Math.hypot(to.x - from.x, to.y - from.y) / 2
          const reach = Math.sqrt(written ** 2 - half ** 2)
          expect(Math.abs(Math.hypot((from.x + to.x) / 2, (from.y + to.y) / 2) - reach)).toBeLessThan(0.01)
        })
      }),
    )
  })
})

describe('angles', () => {
  it('come back from the point they lead to', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 359.9, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        (angle, r) => {
          const { x, y } = pointOnDial(angle, r)
          const gap = Math.abs(angleOnDial(x, y) - angle)
          expect(Math.min(gap, 360 - gap)).toBeLessThan(1e-6)
        },
      ),
    )
  })
})

describe('text', () => {
  it('fits the width it is given, in one line or in several', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1, maxLength: 120 }), fc.integer({ min: 20, max: 180 }), (raw, width) => {
        const text = printable(raw)
        if (text === '') return
        expect(textWidth(text, fitSize(text, 7, width))).toBeLessThanOrEqual(width + 1e-6)
        for (const line of wrapText(text, 4, width)) expect(textWidth(line, 4)).toBeLessThanOrEqual(width + 1e-6)
      }),
    )
  })

  it('leaves out what the fonts cannot draw, and nothing else', () => {
    expect(printable('🦦 Rill')).toBe('Rill')
    expect(printable('Zoë Łuk')).toBe('Zoë Łuk')
    expect(printable('🦦🦆')).toBe('')
  })
})

describe('a drawing made larger', () => {
  it('grows with its place, its window and what is in it', () => {
    const inner = line({ x: 1, y: 2 }, { x: 3, y: 4 }, { stroke: '#000000', strokeMm: 0.5 })
    const clip = { x: 1, y: 2, width: 5, height: 7 }
    const scaled = scaledShape(group([inner], { x: 10, y: 20, clip }), 2)
    expect(scaled).toMatchObject({ x: 20, y: 40, clip: { x: 2, y: 4, width: 10, height: 14 } })
    expect(JSON.stringify(scaled)).toBe(
      JSON.stringify(group([scaledShape(inner, 2)], { x: 20, y: 40, clip: { x: 2, y: 4, width: 10, height: 14 } })),
    )
    expect(scaledShape(group([inner], { x: 1, y: 1 }), 3)).not.toHaveProperty('clip.x')
  })
})

describe('a page', () => {
  it.each(papersHere)('has a bar of 100 mm, whatever its title: %s', (paper) => {
    for (const title of ['', 'A title', 'x'.repeat(300), 'טוב مرحبا 🦦']) {
      const shapes = readSvg(
        toSvg(
          makePage({
            paper,
            title,
            footer: 'made by '.repeat(30),
            name: { line: true, text: 'y'.repeat(300) },
            body: [],
          }),
        ),
      )
      const bars = shapes.filter((shape) => shape.parts.includes('check-bar') && shape.tag === 'line')
      const lengths = bars.map(({ points: [a, b] }) => Math.abs((b?.x ?? 0) - (a?.x ?? 0)))
      expect(Math.max(...lengths)).toBe(100)
      const { x, width } = bodyArea(paper)
      for (const {
        text,
        size = 0,
        anchor,
        weight,
        points: [at],
      } of shapes.filter((shape) => shape.tag === 'text')) {
        const wide = textWidth(text ?? '', size, weight === 'bold' ? 'bold' : 'regular')
        const left = (at?.x ?? 0) - (anchor === 'end' ? wide : 0)
        expect(left).toBeGreaterThanOrEqual(x - 0.01)
        expect(left + wide).toBeLessThanOrEqual(x + width + 0.01)
      }
    }
  })

  it('is never overfull: what does not fit goes on', () => {
    const blocks = Array.from({ length: 90 }, (_, i) =>
      paragraph('a4', `Line ${i} ${'and more words '.repeat(i % 30)}`, { size: 4 }),
    )
    const bodies = flowPages('a4', blocks)
    expect(bodies.length).toBeGreaterThan(1)
    expect(bodies.flat().length).toBe(blocks.length)
    const { y, height } = bodyArea('a4')
    for (const body of bodies)
      for (const shape of readSvg(toSvg({ width: 210, height: 297, title: '', shapes: body })))
        for (const point of shape.points) expect(point.y).toBeLessThanOrEqual(y + height)
  })
})
