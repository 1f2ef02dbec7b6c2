import { describe, expect, it } from 'vitest'
import { rungsOf } from '../../../tests/readback/prints'
import { type Drawing, FAINT, INK, lightOf, luminance, type Shape } from '../drawing'
import { dialShapes } from '../faces'
import { countsOn, printables, type PrintOptions, type Printable } from '.'

/*
 * What a print asks is read back without any colour (`tests/readback`): colours tell nothing alone. Here it is seen by
 * eyes that lack one kind of cone, whose letters must still stand out from what they stand on.
 */

/** Linear light as it is seen. Source: Machado, Oliveira, Fernandes 2009, table 1, severity 1. */
const EYES = {
  'without red cones': [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  'without green cones': [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  'without blue cones': [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
} as const

type EyesId = keyof typeof EYES

function luminanceTo(eyes: EyesId, colour: string): number {
  const light = lightOf(colour)
  const [red = 0, green = 0, blue = 0] = EYES[eyes].map((row) =>
    Math.min(1, Math.max(0, row[0] * light[0] + row[1] * light[1] + row[2] * light[2])),
  )
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

/** Source: WCAG 2.2, contrast ratio. */
function contrast(eyes: EyesId, a: string, b: string): number {
  const [dark = 0, light = 0] = [luminanceTo(eyes, a), luminanceTo(eyes, b)].sort((x, y) => x - y)
  return (light + 0.05) / (dark + 0.05)
}

/** Large letters need this much. */
const LEAST_CONTRAST = 3
/** What made the page is for whoever prints it again. */
const isFoot = (text: string) => /100 %|^Ripe Acorn/.test(text)
/** A fill that is lighter than this is a ground that letters can stand on. */
const LIGHT = 0.5

/** The colours of the letters of a page, and of the grounds that they can stand on. */
function coloursOf({ shapes }: Drawing) {
  const [letters, grounds] = [new Set<string>(), new Set(['#FFFFFF'])]
  const look = (shape: Shape): void => {
    // Of what is on the page, only its title and its name stand on the head.
    if (shape.type === 'group') return shape.part === 'workshop' ? undefined : shape.shapes.forEach(look)
    if (shape.type === 'picture') return
    const { fill = INK } = shape
    if (shape.type !== 'text') {
      if (shape.fill && fill !== 'none' && luminance(fill) > LIGHT) grounds.add(fill)
    } else if (!isFoot(shape.text)) letters.add(fill)
  }
  shapes.forEach(look)
  return { letters: [...letters], grounds: [...grounds] }
}

describe.each(Object.keys(EYES) as EyesId[])('seen by eyes %s', (eyes) => {
  it.each(Object.values(printables))('the letters of “$id” stand out', (printable: Printable) => {
    const rung = rungsOf(printable)[0] ?? 'half'
    const wording = { language: 'en-GB', form: 'turns' } as const
    const options: PrintOptions = { paper: 'a4', wording, rung, count: countsOn(printable, rung).usual }
    const { pages, key } = printable.make({ ...options, look: 'workshop', owner: 'Odalys' }, 4)
    for (const page of [...pages, ...key]) {
      const { letters, grounds } = coloursOf(page)
      expect(letters.length).toBeGreaterThan(0)
      for (const letter of letters)
        // Numbers of questions stand in corners, on white alone.
        for (const ground of letter === FAINT ? ['#FFFFFF'] : grounds) {
          const isSeen = contrast(eyes, letter, ground) >= LEAST_CONTRAST
          expect(`${letter} on ${ground}: ${isSeen}`).toBe(`${letter} on ${ground}: true`)
        }
    }
  })
})

describe('the head of a workshop page', () => {
  it.each(Object.keys(EYES) as EyesId[])('has letters that stand out to eyes %s', (eyes) => {
    const [page] = printables['read-dials'].make(
      { paper: 'a4', wording: { language: 'de', form: 'turns' }, rung: 'half', count: 2, look: 'workshop' },
      1,
    ).pages
    const band = partsIn(page?.shapes ?? []).find(({ part }) => part === 'workshop')?.shapes[0]
    const fill = band?.type === 'path' ? (band.fill ?? '') : ''
    expect(contrast(eyes, INK, fill)).toBeGreaterThanOrEqual(4.5)
  })
})

describe('the hands of a clock', () => {
  it('are told apart by their lengths alone', () => {
    const reach = (name: string, minute: number): number => {
      const found = partsIn(dialShapes(minute, { radius: 40 })).find(({ part }) => part === name)
      const points = found?.shapes.flatMap((shape) => (shape.type === 'path' ? shape.commands : [])) ?? []
      return Math.max(...points.flatMap((each) => ('x' in each ? [Math.hypot(each.x, each.y)] : [])))
    }
    for (let minute = 0; minute < 720; minute += 7)
      expect(reach('minute-hand', minute)).toBeGreaterThan(1.25 * reach('hour-hand', minute))
  })
})

type GroupShape = Extract<Shape, { type: 'group' }>

function partsIn(shapes: readonly Shape[]): GroupShape[] {
  return shapes.flatMap((shape) => (shape.type === 'group' ? [shape, ...partsIn(shape.shapes)] : []))
}
