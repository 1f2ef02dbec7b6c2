import { SAFE_MARGIN_MM, paperOf, textWidth, toSvg } from '../../../src/core/drawing'
import type { Print, PrintOptions } from '../../../src/core/printables'
import { readSvg } from '../svg'
import type { Read } from './reading'

/* The frame that all pages have: the look of their head, the picture beside the name, colours or greys. */

/** The head is so high, mm. */
const HEAD_MM = 14
/** The half of the side of its picture, mm. */
const HALF_MM = 5.5
/** A bead for each minute, under the head and above the foot. */
const BEADS = 120

const COLOUR = /(?:fill|stroke)="#([0-9A-Fa-f]{2})([0-9A-Fa-f]{2})([0-9A-Fa-f]{2})"/g

/** Whether all that a page is drawn with is as red as it is green and blue. */
function isGrey(svg: string): boolean {
  const isSame = [...svg.matchAll(COLOUR)].every(([, red, green, blue]) => red === green && green === blue)
  const images = svg.match(/<image [^>]*>/g) ?? []
  return isSame && images.every((image) => /-outline\.svg|grayscale\(1\)/.test(image))
}

/** What stands between the opening of a part and the end of the groups in it. */
function partOf(svg: string, name: string): string | undefined {
  const from = svg.indexOf(`data-part="${name}"`)
  if (from < 0) return undefined
  const start = svg.lastIndexOf('<g ', from)
  let depth = 0
  for (const tag of svg.slice(start).matchAll(/<(\/?)g[ >]/g)) {
    depth += tag[1] ? -1 : 1
    if (depth === 0) return svg.slice(start, start + tag.index)
  }
  return undefined
}

/** The picture in the head is the one that was chosen, inside the head, and on none of its words. */
function checkPicture(svg: string, o: PrintOptions, expect: Read['expect']): void {
  const drawn = partOf(svg, 'head-picture')
  if (drawn === undefined) return
  const wanted = o.picture
  if (wanted !== undefined) expect(drawn.includes(`data-part="picture-${wanted}"`), 'the head has another picture')
  const isOfSet = /^u[0-9a-f]/.test(wanted ?? '')
  if (isOfSet) expect(drawn.includes(`href="/pictures/${wanted}`), 'the head has an image of something else')
  const [, x = NaN, y = NaN] = (/translate\(([-\d.]+) ([-\d.]+)\)/.exec(drawn) ?? []).map(Number)
  const isInHead =
    x - HALF_MM >= SAFE_MARGIN_MM &&
    x + HALF_MM <= paperOf(o.paper).width - SAFE_MARGIN_MM &&
    y - HALF_MM >= SAFE_MARGIN_MM &&
    y + HALF_MM <= SAFE_MARGIN_MM + HEAD_MM
  expect(isInHead, 'the picture reaches out of the head')
  for (const { tag, text = '', size = 0, weight, anchor, points } of readSvg(svg)) {
    const [at] = points
    if (tag !== 'text' || !at || at.y > SAFE_MARGIN_MM + HEAD_MM) continue
    const width = textWidth(text, size, weight === 'bold' ? 'bold' : 'regular')
    const left = anchor === 'end' ? at.x - width : anchor === 'middle' ? at.x - width / 2 : at.x
    const isClear = left >= x + HALF_MM - 0.1 || left + width <= x - HALF_MM + 0.1
    expect(isClear, `“${text}” lies on the picture in the head`)
  }
}

export function checkFrame({ pages, key }: Print, o: PrintOptions, expect: Read['expect']): void {
  const drawn = [...pages, ...key].map(toSvg)
  const isWorkshop = o.look === 'workshop'
  const hasPicture = isWorkshop || o.picture !== undefined
  const count = (name: string) => drawn.filter((svg) => partOf(svg, name) !== undefined).length
  expect(count('workshop') > 0 === isWorkshop, 'the pages have another look')
  expect(count('head-picture') > 0 === hasPicture, 'a picture in the head is lost, or was not asked for')
  expect(drawn.every(isGrey) === (o.grey === true), 'colours where greys were asked for, or greys for colours')
  for (const svg of drawn) {
    const band = partOf(svg, 'workshop')
    if (band !== undefined) expect(band.split('<circle').length - 1 === BEADS, 'the hour has lost beads')
    const cards = new Set(svg.match(/data-part="card-\d+"/g))
    const edges = (partOf(svg, 'edges') ?? '').split('<path').length - 1
    if (cards.size > 0) expect(edges === (isWorkshop ? cards.size : 0), 'a card has no edge')
    checkPicture(svg, o, expect)
  }
}
