import { wordingOn } from '../../../src/core/teaching'
import { languages, say } from '../../../src/core/wording'
import {
  type Read,
  type Shapes,
  cellOf,
  cutLines,
  dials,
  expectDistinct,
  groups,
  hands,
  modulo,
  saysTruth,
  words,
} from './reading'

/* What games and sets of cards share: their cards within the cut lines, their words true of their dials. */

/** All cards of all pages, each inside the lines it is cut out by. */
export function cards(read: Read, name = 'card'): Shapes[] {
  return read.pages.flatMap((page) => {
    const lines = cutLines(page)
    const own = groups(page, name)
    for (const card of own) read.expect(cellOf(card, lines) !== undefined, `a ${name} crosses its cut lines`)
    return own
  })
}

/** The words by each dial of a control card or of a card are true of its hands. */
export function truths(read: Read, groupsOf: readonly Shapes[]): void {
  for (const each of groupsOf) {
    const [dial] = dials(each)
    const said = words(each, 'words')
    read.expect(dial !== undefined && saysTruth(dial, said, read.o), `“${said}” by a dial at ${dial?.time}`)
  }
}

/** What a dial shows, also with one hand, for comparing. */
export const face = (shapes: Shapes) => hands(shapes)[0]

/** The control card has just these words, each by a dial of which they are true. */
export function expectControl(read: Read, due: readonly string[]): void {
  const told = [...control(read).keys()]
  read.expect([...told].sort().join('|') === [...due].sort().join('|'), `the key has ${told.join(', ')}`)
}

/** The words that are true of a face, by the pairs of a control card that are true themselves. */
export function control(read: Read): Map<string, string> {
  const pairs = groups(read.key.flat(), 'pair')
  truths(read, pairs)
  return new Map(pairs.map((pair) => [words(pair, 'words'), face(pair) ?? '']))
}

/** What a group says of a dial, told by its hands. */
export function said(dial: { hour?: number; minute?: number; time: number }, { rung, wording }: Read['o']): string {
  const language = languages[wording.language]
  if (dial.minute === undefined) return language.sayAbout(Math.round(modulo(dial.hour ?? 0, 360) * 2) % 720)
  if (dial.hour === undefined) return language.sayMinutes(Math.round(modulo(dial.minute, 360) / 6) % 60)
  return say(dial.time, wordingOn(rung, wording))
}

/** Each dial once, and its words once, on cards of their own. */
export const pairing: (read: Read) => void = (read) => {
  const own = cards(read)
  const known = control(read)
  const faces = own.flatMap((card) => face(card) ?? [])
  const said = own.flatMap((card) => (face(card) ? [] : [words(card, 'words')]))
  read.expect(
    faces.length === read.o.count && said.length === read.o.count,
    `${faces.length} dials and ${said.length} words for ${read.o.count} pairs`,
  )
  expectDistinct(read, faces, 'a dial comes twice')
  expectDistinct(read, said, 'words come twice')
  read.expect(
    [...faces].sort().join() ===
      said
        .map((text) => known.get(text))
        .sort()
        .join(),
    'dials and words are not of the same times',
  )
}
