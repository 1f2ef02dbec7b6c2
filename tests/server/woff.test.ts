import { readFileSync } from 'node:fs'
import * as fontkit from 'fontkit'
import { describe, expect, it } from 'vitest'
import { woffToSfnt } from '../../src/server/woff'

const open = (bytes: Buffer) => {
  const font = fontkit.create(bytes)
  if (!('layout' in font)) throw new Error('not a single font')
  return font
}

describe('an unpacked font', () => {
  it.each(['latin-400', 'latin-700', 'latin-ext-400', 'latin-ext-700'])('has the glyphs of its WOFF: %s', (name) => {
    const woff = readFileSync(`node_modules/@fontsource/andika/files/andika-${name}-normal.woff`)
    const [packed, plain] = [open(woff), open(woffToSfnt(woff))]
    expect(plain.postscriptName).toBe(packed.postscriptName)
    expect(plain.characterSet).toEqual(packed.characterSet)
    for (const code of plain.characterSet.slice(0, 80)) {
      expect(plain.glyphForCodePoint(code).advanceWidth).toBe(packed.glyphForCodePoint(code).advanceWidth)
      expect(plain.glyphForCodePoint(code).path.toSVG()).toBe(packed.glyphForCodePoint(code).path.toSVG())
    }
  })

  it('is refused where there is none', () => {
    expect(() => woffToSfnt(Buffer.alloc(100))).toThrow(/not a WOFF file/)
  })
})
