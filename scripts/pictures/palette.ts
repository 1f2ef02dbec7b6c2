import { FAINT, GOLD, INK, MOSS, OAK, PAPER, SLATE, lightOf } from '../../src/core/drawing'

/*
 * Draws the colours of the pictures toward ours: each goes part of the way to the nearest of the colours that the app
 * is painted with, so that pictures of many hands look like one hand's. The same colour always becomes the same one.
 */

const OURS = [
  INK,
  PAPER,
  OAK,
  SLATE,
  MOSS,
  FAINT,
  GOLD,
  '#B4513F',
  '#E7A79B',
  '#8DB4C9',
  '#9DB57A',
  '#F2D9A6',
  '#6D5A7D',
]

/** How far a colour goes toward ours. */
const PULL = 0.55

type Triple = readonly [number, number, number]

const channels = (hex: string): Triple => {
  const at = (i: number) => Number.parseInt(hex.slice(i, i + 2), 16) / 255
  return [at(1), at(3), at(5)]
}

/** Lightness and the two opponents of a colour. Source: B. Ottosson, "A perceptual color space", 2020 (OKLab). */
function perceived(hex: string): Triple {
  const [r, g, b] = lightOf(hex)
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b)
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b)
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b)
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ]
}

const distance = (a: Triple, b: Triple) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
const known = OURS.map((hex) => ({ rgb: channels(hex), seen: perceived(hex) }))

/** A colour such as #F92F60 as it is drawn. */
export function toPalette(hex: string): string {
  const seen = perceived(hex)
  const [nearest] = [...known].sort((a, b) => distance(a.seen, seen) - distance(b.seen, seen))
  const rgb = channels(hex).map((share, i) => share + ((nearest?.rgb[i] ?? share) - share) * PULL)
  return `#${rgb
    .map((share) =>
      Math.round(share * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`.toUpperCase()
}
