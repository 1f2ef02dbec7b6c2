import { printable, textWidth, type Weight } from './text'

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
