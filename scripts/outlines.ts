/** Writes the outlines of the letters that ship, for SVG files that must look the same where the font is missing. */
import { readFileSync, writeFileSync } from 'node:fs'
import * as fontkit from 'fontkit'
import type { FontOutlines } from '../src/core/drawing'
import metrics from '../src/core/drawing/andika-metrics.json'
import { woffToSfnt } from '../src/server/woff'

const files = 'node_modules/@fontsource/andika/files'

/** One glyph as path data in font units, y up; quadratic curves raised to cubic ones, which the drawing model has. */
function pathOf(font: fontkit.Font, code: number): string {
  let [x, y] = [0, 0]
  return font
    .glyphForCodePoint(code)
    .path.commands.map(({ command, args }) => {
      const from = [x, y] as const
      if (command !== 'closePath') [x = 0, y = 0] = args.slice(-2)
      switch (command) {
        case 'moveTo':
          return `M${rounded(args)}`
        case 'lineTo':
          return `L${rounded(args)}`
        case 'bezierCurveTo':
          return `C${rounded(args)}`
        case 'quadraticCurveTo': {
          const [cx = 0, cy = 0] = args
          const third = (a: number, b: number) => a + (2 / 3) * (b - a)
          return `C${rounded([third(from[0], cx), third(from[1], cy), third(x, cx), third(y, cy), x, y])}`
        }
        default:
          return 'Z'
      }
    })
    .join('')
}

const rounded = (args: readonly number[]) => args.map(Math.round).join(' ')

/** The outlines of every letter that the core measures. */
export function fontOutlines(): FontOutlines {
  const weight = (number: 400 | 700, name: 'regular' | 'bold') =>
    Object.fromEntries(
      (['latin', 'latinExt'] as const).flatMap((subset) => {
        const file = subset === 'latin' ? 'latin' : 'latin-ext'
        // Unpacked once: fontkit would unpack the table anew for each letter.
        const font = fontkit.create(woffToSfnt(readFileSync(`${files}/andika-${file}-${number}-normal.woff`)))
        if (!('layout' in font)) throw new Error(`not a single font: ${file} ${number}`)
        return Object.keys(metrics[subset][name]).map((code) => [code, pathOf(font, Number(code))] as const)
      }),
    )
  return { unitsPerEm: metrics.unitsPerEm, regular: weight(400, 'regular'), bold: weight(700, 'bold') }
}

if (process.argv[1]?.endsWith('outlines.ts'))
  writeFileSync('public/andika-outlines.json', JSON.stringify(fontOutlines()))
