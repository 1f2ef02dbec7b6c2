/** Reads the advance widths out of the fonts that ship, so that the core can measure text without a font engine. */
import { readFileSync, writeFileSync } from 'node:fs'
import * as fontkit from 'fontkit'

const files = 'node_modules/@fontsource/andika/files'
const LAST_CODE_POINT = 0x2200

function open(subset: string, weight: number): fontkit.Font {
  const font = fontkit.create(readFileSync(`${files}/andika-${subset}-${weight}-normal.woff`))
  if (!('layout' in font)) throw new Error(`not a single font: ${subset} ${weight}`)
  return font
}

function widths(subset: string, weight: number): Record<string, number> {
  const font = open(subset, weight)
  return Object.fromEntries(
    font.characterSet
      .filter((code) => code >= 32 && code < LAST_CODE_POINT && !isInvisible(code))
      .map((code) => [code, font.glyphForCodePoint(code).advanceWidth]),
  )
}

/** Combining marks and zero-width signs are left out: a name that needs them is printed without. */
function isInvisible(code: number): boolean {
  return (code >= 0x300 && code < 0x370) || (code >= 0x200b && code < 0x2010) || code === 0xad
}

const font = open('latin', 400)
const metrics = {
  unitsPerEm: font.unitsPerEm,
  latin: { regular: widths('latin', 400), bold: widths('latin', 700) },
  latinExt: { regular: widths('latin-ext', 400), bold: widths('latin-ext', 700) },
}
writeFileSync('src/core/drawing/andika-metrics.json', `${JSON.stringify(metrics)}\n`)
