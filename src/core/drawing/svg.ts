import { told } from '../wording'
import { RefusedValue, unreachable } from '../errors'
import { type Drawing, INK, type Layer, type PathCommand, type Shape, type Style } from './model'
import type { PictureLook } from './pictures'

/** Millimetres as text, three decimals at most; the only place that formats them. */
export function mm(value: number): string {
  if (!Number.isFinite(value)) throw new RefusedValue(told('coordinate'), told('a finite number of millimetres'), value)
  // Rounded alike on both sides of 0, so that what is drawn about a middle stays about it.
  return String((Math.sign(value) * Math.round(Math.abs(value) * 1000)) / 1000 + 0)
}

/** Path data for SVG, which the PDF writer reads too. */
export function pathData(commands: readonly PathCommand[]): string {
  return commands
    .map((command) => {
      switch (command.op) {
        case 'M':
        case 'L':
          return `${command.op}${mm(command.x)} ${mm(command.y)}`
        case 'C':
          return `C${[command.x1, command.y1, command.x2, command.y2, command.x, command.y].map(mm).join(' ')}`
        case 'A':
          return `A${mm(command.r)} ${mm(command.r)} 0 ${command.large ? 1 : 0} ${command.sweep ? 1 : 0} ${mm(command.x)} ${mm(command.y)}`
        case 'Z':
          return 'Z'
        default:
          return unreachable(command)
      }
    })
    .join('')
}

/** Characters that XML does not allow, half of a pair among them. A drawing that has one would not open. */
const NOT_IN_XML = /[^\t\n\r\u{20}-\u{D7FF}\u{E000}-\u{FFFD}\u{10000}-\u{10FFFF}]/gu

function escape(text: string): string {
  return text
    .replace(NOT_IN_XML, '\u{FFFD}')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')
}

function styleAttributes(style: Style): string {
  const dash = style.dashMm ? ` stroke-dasharray="${style.dashMm.map(mm).join(' ')}"` : ''
  const stroke = style.stroke ? ` stroke="${style.stroke}" stroke-width="${mm(style.strokeMm ?? 0.25)}"${dash}` : ''
  return ` fill="${style.fill ?? 'none'}"${stroke} data-layer="${style.layer}"`
}

/** A clip is named by what it is: two alike in one document mean the same. */
function clipOf({ x, y, width, height }: { x: number; y: number; width: number; height: number }) {
  const values = [x, y, width, height].map(mm)
  const id = `clip-${values.join('_')}`
  const [left, top, wide, high] = values
  return {
    use: ` clip-path="url(#${id})"`,
    define: `<clipPath id="${id}"><rect x="${left}" y="${top}" width="${wide}" height="${high}"/></clipPath>`,
  }
}

/** Where a browser finds a picture of the set. */
export const picturePath = (picture: string, look: PictureLook): string =>
  `/pictures/${escape(picture)}${look === 'outline' ? '-outline' : ''}.svg`

export function shapeSvg(shape: Shape): string {
  switch (shape.type) {
    case 'path':
      return `<path d="${pathData(shape.commands)}"${shape.fillRule ? ' fill-rule="evenodd"' : ''}${styleAttributes(shape)}/>`
    case 'circle':
      return `<circle cx="${mm(shape.cx)}" cy="${mm(shape.cy)}" r="${mm(shape.r)}"${styleAttributes(shape)}/>`
    case 'line':
      return `<line x1="${mm(shape.x1)}" y1="${mm(shape.y1)}" x2="${mm(shape.x2)}" y2="${mm(shape.y2)}"${styleAttributes(shape)}/>`
    case 'text': {
      const weight = shape.weight === 'bold' ? ' font-weight="700"' : ''
      const place = `x="${mm(shape.x)}" y="${mm(shape.y)}" font-size="${mm(shape.size)}" text-anchor="${shape.anchor ?? 'start'}"`
      return `<text ${place}${weight} fill="${shape.fill ?? INK}" data-layer="${shape.layer}">${escape(shape.text)}</text>`
    }
    case 'picture': {
      const { picture, x, y, side, look } = shape
      const place = `x="${mm(x - side / 2)}" y="${mm(y - side / 2)}" width="${mm(side)}" height="${mm(side)}"`
      const grey = look === 'grey' ? ' style="filter:grayscale(1)"' : ''
      return `<image href="${picturePath(picture, look)}" ${place}${grey} data-layer="ink"/>`
    }
    case 'group': {
      const turn = shape.turn ? ` rotate(${mm(shape.turn)})` : ''
      const part = shape.part ? ` data-part="${escape(shape.part)}"` : ''
      const clip = shape.clip && clipOf(shape.clip)
      return `<g transform="translate(${mm(shape.x)} ${mm(shape.y)})${turn}"${part}${clip?.use ?? ''}>${clip?.define ?? ''}${shape.shapes.map(shapeSvg).join('')}</g>`
    }
    default:
      return unreachable(shape)
  }
}

/**
 * The drawing as one SVG text at true size. Throws RefusedValue for a coordinate that is not finite.
 *
 * toSvg({ width: 10, height: 5, title: 'bar', shapes: [] }).includes('width="10mm"') //=> true
 */
export function toSvg(drawing: Drawing): string {
  const size = `width="${mm(drawing.width)}mm" height="${mm(drawing.height)}mm" viewBox="0 0 ${mm(drawing.width)} ${mm(drawing.height)}"`
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size} font-family="Andika, sans-serif" style="font-kerning:none;font-variant-ligatures:none"><title>${escape(drawing.title)}</title>${drawing.shapes.map(shapeSvg).join('')}</svg>`
}

const LAYERS: readonly Layer[] = ['ink', 'fold', 'cut', 'guide']

/**
 * The drawing as SVG with one named group a layer, for a cutting machine: `cut`, `fold`, `guide`, `ink`.
 */
export function toLayeredSvg(drawing: Drawing): string {
  const layers = LAYERS.flatMap((layer) => {
    const shapes = onLayer(drawing.shapes, layer)
    return shapes.length === 0
      ? []
      : [`<g id="${layer}" inkscape:groupmode="layer" inkscape:label="${layer}">${shapes.map(shapeSvg).join('')}</g>`]
  })
  return toSvg({ ...drawing, shapes: [] })
    .replace('<svg ', '<svg xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape" ')
    .replace('</svg>', `${layers.join('')}</svg>`)
}

/** What of some shapes lies on one layer, in the groups that it stands in. */
function onLayer(shapes: readonly Shape[], layer: Layer): Shape[] {
  return shapes.flatMap((shape): Shape[] => {
    if (shape.type !== 'group') return shape.layer === layer ? [shape] : []
    const inner = onLayer(shape.shapes, layer)
    return inner.length === 0 ? [] : [{ ...shape, shapes: inner }]
  })
}
