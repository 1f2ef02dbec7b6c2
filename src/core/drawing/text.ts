import metrics from './andika-metrics.json'
import { RefusedValue } from '../errors'

export type Weight = 'regular' | 'bold'
export type FontSubset = 'latin' | 'latinExt'

type Widths = Readonly<Record<string, number>>
const tables: Record<FontSubset, Record<Weight, Widths>> = metrics

/** Which of the fonts that ship has this character; undefined where none does. */
export function subsetOf(character: string): FontSubset | undefined {
  const code = String(character.codePointAt(0))
  if (code in tables.latin.regular) return 'latin'
  return code in tables.latinExt.regular ? 'latinExt' : undefined
}

/**
 * The text with what the print fonts cannot draw (emoji, other scripts) left out, spaces closed up.
 *
 * printable('Tavi 🦆 of Heron Lock') //=> 'Tavi of Heron Lock'
 */
export function printable(text: string): string {
  return [...text.normalize('NFC')]
    .filter((character) => subsetOf(character))
    .join('')
    .replace(/\s+/g, ' ')
    .trim()
}

/** The width in mm of printable text at an em of `size` mm, by the widths of the font that ships. */
export function textWidth(text: string, size: number, weight: Weight = 'regular'): number {
  let units = 0
  for (const character of text) {
    const subset = subsetOf(character)
    if (!subset) throw new RefusedValue('text', 'made of characters that the print fonts have', character)
    units += tables[subset][weight][String(character.codePointAt(0))] ?? 0
  }
  return (units / metrics.unitsPerEm) * size
}

/** The largest em, at most `size`, at which the text is no wider than `width` (mm). */
export function fitSize(text: string, size: number, width: number, weight: Weight = 'regular'): number {
  const natural = textWidth(text, size, weight)
  return natural <= width ? size : (size * width) / natural
}

/** Lines no wider than `width` mm, broken at spaces; a word that is wider by itself is broken inside. */
export function wrapText(text: string, size: number, width: number, weight: Weight = 'regular'): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of printable(text)
    .split(' ')
    .flatMap((each) => breakWord(each, size, width, weight))) {
    const longer = line === '' ? word : `${line} ${word}`
    if (line !== '' && textWidth(longer, size, weight) > width) {
      lines.push(line)
      line = word
    } else line = longer
  }
  if (line !== '') lines.push(line)
  return lines
}

function breakWord(word: string, size: number, width: number, weight: Weight): string[] {
  const pieces: string[] = []
  let piece = ''
  for (const character of word) {
    if (piece !== '' && textWidth(piece + character, size, weight) > width) {
      pieces.push(piece)
      piece = ''
    }
    piece += character
  }
  return [...pieces, piece]
}

/** The text on at most `lines` lines of a size (mm), cut with an ellipsis where it is longer. */
export function shortened(
  text: string,
  { size, weight = 'regular' }: { readonly size: number; readonly weight?: Weight },
  width: number,
  lines: number,
): string[] {
  const all = wrapText(text, size, width, weight)
  if (all.length <= lines) return all
  let last = all[lines - 1] ?? ''
  while (last !== '' && textWidth(`${last}…`, size, weight) > width) last = last.slice(0, -1)
  return [...all.slice(0, lines - 1), `${last.trimEnd()}…`]
}
