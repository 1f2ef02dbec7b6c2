import svgpath from 'svgpath'
import { PICTURE_SIDE, type PictureOutlines } from '../../src/core/drawing'
import { toPalette } from './palette'

/* Makes outlines of our model of a picture of the package: paths that are filled, circles and ellipses. */

/** The side of the package's pictures. */
const SIDE = 32

/** What our model has not, or not so: lines, gradients and masks. */
const NOT_OURS = /gradient|filter|mask|clipPath|<use|<defs|stroke/i

const attribute = (text: string, name: string): string | undefined =>
  new RegExp(`(?:^|\\s)${name}="([^"]*)"`).exec(text)?.[1]

/** An attribute of an element, or of the nearest group around it that has it. */
const inherited = (name: string, text: string, outer: readonly string[]): string | undefined =>
  [...outer, text].map((each) => attribute(each, name)).findLast((each) => each !== undefined)

const numberIn = (text: string, name: string, usual = Number.NaN): number => Number(attribute(text, name) ?? usual)

/** An ellipse as two arcs. */
function ellipsePath(text: string): string {
  const [cx, cy] = [numberIn(text, 'cx'), numberIn(text, 'cy')]
  const rx = numberIn(text, text.includes(' rx=') ? 'rx' : 'r')
  const ry = numberIn(text, text.includes(' ry=') ? 'ry' : 'r')
  return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`
}

/** A rectangle, with its corners rounded where they are. */
function rectanglePath(text: string): string {
  const [x, y, width, height] = ['x', 'y', 'width', 'height'].map((name) => numberIn(text, name, 0)) as [
    number,
    number,
    number,
    number,
  ]
  const r = numberIn(text, 'rx', 0)
  const corner = (dx: number, dy: number) => (r === 0 ? '' : `a${r} ${r} 0 0 1 ${dx} ${dy}`)
  return `M${x + r} ${y}h${width - 2 * r}${corner(r, r)}v${height - 2 * r}${corner(-r, r)}h${2 * r - width}${corner(-r, -r)}v${2 * r - height}${corner(r, -r)}Z`
}

/** What is seen through is as light as it would be on white. */
function onWhite(hex: string, opacity: number): string {
  const channel = (at: number) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16)
    return Math.round(255 - (255 - share) * opacity)
      .toString(16)
      .padStart(2, '0')
  }
  return `#${channel(1)}${channel(3)}${channel(5)}`
}

/** A path about the middle of our square, of M, L, C and Z alone. */
function ours(data: string, transform = ''): string {
  const scale = PICTURE_SIDE / SIDE
  const placed = svgpath(data)
    .transform(transform)
    .abs()
    .unshort()
    .unarc()
    .translate(-SIDE / 2, -SIDE / 2)
    .scale(scale)
  let [x, y] = [0, 0]
  const commands = placed.iterate((segment, _i, fromX, fromY): unknown => {
    const [op, ...at] = segment as [string, ...number[]]
    ;[x, y] = [fromX, fromY]
    const [a = 0, b = 0, c = 0, d = 0] = at
    if (op === 'H') return [['L', a, y]]
    if (op === 'V') return [['L', x, a]]
    if (op !== 'Q') return undefined
    const third = (from: number, to: number) => from + (2 / 3) * (to - from)
    return [['C', third(x, a), third(y, b), third(c, a), third(d, b), c, d]]
  }) as unknown as { segments: [string, ...number[]][] }
  return commands.segments
    .map(([op, ...at]) => op.toUpperCase() + at.map((value) => Math.round(value * 100) / 100).join(' '))
    .join('')
}

/** The outlines of a picture, or undefined where it has what our model has not. */
export function outlinesOf(body: string): PictureOutlines | undefined {
  if (NOT_OURS.test(body)) return undefined
  const found = [...body.matchAll(/<(path|circle|ellipse|rect|g|\/g)\b([^>]*?)\/?>/g)]
  const outer: string[] = []
  const outlines: PictureOutlines[number][] = []
  for (const [, tag, text = ''] of found) {
    if (tag === 'g') outer.push(text)
    else if (tag === '/g') outer.pop()
    else {
      const fill = inherited('fill', text, outer) ?? '#000000'
      const isCounted = inherited('fill-rule', text, outer) === 'evenodd'
      const data = tag === 'path' ? attribute(text, 'd') : tag === 'rect' ? rectanglePath(text) : ellipsePath(text)
      const hex = sixDigits(fill)
      if (data === undefined || hex === undefined) return undefined
      const colour = toPalette(
        onWhite(hex, Number(inherited('opacity', text, outer) ?? inherited('fill-opacity', text, outer) ?? 1)),
      )
      const outline = ours(data, attribute(text, 'transform'))
      outlines.push(isCounted ? [colour, outline, 'evenodd'] : [colour, outline])
    }
  }
  return outlines
}

/** "#fff" and "white" as six digits; undefined for what is no plain colour. */
function sixDigits(fill: string): string | undefined {
  if (fill === 'white') return '#FFFFFF'
  if (fill === 'black') return '#000000'
  const short = /^#([0-9a-f])([0-9a-f])([0-9a-f])$/i.exec(fill)
  const hex = short
    ? `#${short
        .slice(1)
        .map((digit) => digit + digit)
        .join('')}`
    : fill
  return /^#[0-9a-f]{6}$/i.test(hex) ? hex : undefined
}
