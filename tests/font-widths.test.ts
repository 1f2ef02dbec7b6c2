import { readFileSync } from 'node:fs'
import * as fontkit from 'fontkit'
import { describe, expect, it } from 'vitest'
import { CAP_HEIGHT, textWidth } from '../src/core/drawing'

describe('text', () => {
  const font = fontkit.create(readFileSync('node_modules/@fontsource/andika/files/andika-latin-400-normal.woff'))
  if (!('layout' in font)) throw new Error('not a single font')

  it('is as wide as the font that ships makes it', () => {
    for (const text of ['quarter to nine', 'twenty-five past 11', 'Odalys & Tavi: 100 %', 'à ç ñ ö', 'Where is 12?']) {
      // Ligatures and kerning, which the measure leaves out, are off in what is printed too.
      const { advanceWidth } = font.layout(text, { liga: false, kern: false, clig: false, dlig: false, calt: false })
      expect(textWidth(text, 10)).toBeCloseTo((advanceWidth / font.unitsPerEm) * 10, 1)
    }
  })

  it('has capitals as tall as the core takes them to be', () => {
    expect(font.capHeight / font.unitsPerEm).toBe(CAP_HEIGHT)
  })
})
