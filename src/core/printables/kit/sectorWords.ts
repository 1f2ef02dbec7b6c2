import { tenth } from '../../clock'
import { told, asPart } from '../../wording'
import { CAP_HEIGHT, INK, type Shape, textWidth, wrapText, group, centredText } from '../../drawing'
import { RefusedValue } from '../../errors'
import { LINE_SHARE } from './wordLists'

/**
 * How far a line of text reaches up and down, as shares of its size: the height of a capital and the depth of a tail.
 */
const [ABOVE, BELOW] = [CAP_HEIGHT, 0.22]
const [LARGEST, LEAST_UPRIGHT, LEAST] = [6, 4, 2.4]
const STEP = 0.2
const WIDTHS = [46, 38, 30, 24, 18]
const PLACES = [0.66, 0.7, 0.74, 0.78, 0.62, 0.58, 0.54, 0.5]

interface Block {
  readonly lines: readonly string[]
  readonly size: number
}

/**
 * Words inside a sector of a spinner about the origin, from one angle to another (degrees clockwise from 12) out to
 * `radius` mm: upright where they can be read so, else along the sector's middle. Throws RefusedValue where a sector
 * is too narrow for words of 2.4 mm, which a child can still read.
 */
export function wordsInSector(text: string, from: number, to: number, radius: number): Shape[] {
  const middle = (from + to) / 2
  const half = (((to - from) / 2) * Math.PI) / 180
  for (let size = LARGEST; size >= LEAST - 0.001; size -= STEP) {
    const lay = size >= LEAST_UPRIGHT ? upright : along
    const shapes = lay(text, size, { middle, half, radius })
    if (shapes) return shapes
  }
  throw new RefusedValue(
    told('width of a sector'),
    told('wide enough beside the others for “{0}”', text),
    asPart(told('{0} degrees', tenth(to - from))),
  )
}

/** How many mm a point lies inside both edges of a sector; the point is turned so that the sector's middle is up. */
function inside(across: number, up: number, half: number): number {
  return up * Math.sin(half) - Math.abs(across) * Math.cos(half)
}

/** The corners of a block of lines about its own middle, y down. */
function corners({ lines, size }: Block): [number, number][] {
  return lines.flatMap((line, i) => {
    const wide = textWidth(line, size) / 2
    const y = lineAt(i, lines.length, size)
    const [top, bottom] = [y - (size * ABOVE) / 2, y + size * (ABOVE / 2 + BELOW)]
    return [wide, -wide].flatMap((x): [number, number][] => [
      [x, top],
      [x, bottom],
    ])
  })
}

const lineAt = (i: number, count: number, size: number) => (i - (count - 1) / 2) * size * LINE_SHARE

function textAt({ lines, size }: Block, x: number, y: number): Shape[] {
  return lines.map((line, i) => centredText(line, { x, y: y + lineAt(i, lines.length, size) }, { size, fill: INK }))
}

/** A sector of a spinner: its middle in degrees clockwise from 12, half its angle in radians, its radius in mm. */
interface Sector {
  readonly middle: number
  readonly half: number
  readonly radius: number
}

function upright(text: string, size: number, { middle, half, radius }: Sector): Shape[] | undefined {
  const turn = (middle * Math.PI) / 180
  const longest = Math.max(...text.split(' ').map((word) => textWidth(word, size)))
  for (const width of WIDTHS.filter((each) => each > longest))
    for (const place of PLACES) {
      const block = { lines: wrapText(text, size, width), size }
      const [x, y] = [Math.sin(turn) * radius * place, -Math.cos(turn) * radius * place]
      const fits = corners(block).every(([dx, dy]) => {
        const [px, py] = [x + dx, y + dy]
        const across = px * Math.cos(turn) + py * Math.sin(turn)
        const up = px * Math.sin(turn) - py * Math.cos(turn)
        return Math.hypot(px, py) <= radius - 2 && inside(across, up, half) >= 1.2
      })
      if (fits) return textAt(block, x, y)
    }
  return undefined
}

/** On one line or two along the middle of a narrow sector, from its rim inwards, never upside down. */
function along(text: string, size: number, { middle, half, radius }: Sector): Shape[] | undefined {
  const whole = textWidth(text, size)
  for (const lines of [[text], wrapText(text, size, whole * 0.62)]) {
    const block = { lines, size }
    const length = Math.max(...lines.map((line) => textWidth(line, size)))
    const out = radius - 3 - length / 2
    const fits = corners(block).every(([dx, dy]) => inside(Math.abs(dy), out - Math.abs(dx), half) >= 0.4)
    if (!fits) continue
    const isLeft = middle > 180
    return [
      group(textAt(block, 0, 0), {
        x: Math.sin((middle * Math.PI) / 180) * out,
        y: -Math.cos((middle * Math.PI) / 180) * out,
        turn: middle + (isLeft ? 90 : -90),
      }),
    ]
  }
  return undefined
}
