import { told } from '../wording'
import { RefusedValue } from '../errors'
import metrics from './andika-metrics.json'

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
    if (!subset) throw new RefusedValue(told('text'), told('made of characters that the print fonts have'), character)
    units += tables[subset][weight][String(character.codePointAt(0))] ?? 0
  }
  return (units / metrics.unitsPerEm) * size
}
