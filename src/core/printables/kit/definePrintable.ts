import type { PictureId } from '../../days'
import { greyed } from '../../drawing'
import { minutesOfCutting, OLDER_FROM } from '../../make'
import { type Told, told } from '../../wording'
import { cardSize, cardsOn } from './cards'
import { checkOptions, withBacks } from './checkOptions'
import { boxPage } from './deckBox'
import type { Print, PrintableOf, PrintableFacts } from './types'
import type { PrintOptions } from './choices'

interface Definition<Id extends string> extends PrintableFacts {
  readonly id: Id
  readonly make: (options: PrintOptions, seed: number) => Print
}

/** How long the cutting takes, by the lines that are to be cut; nothing where there are none. */
function cuttingNote({ pages }: Print): Told[] {
  const shapes = pages.flatMap((page) => page.shapes)
  const [young, older] = [minutesOfCutting(shapes, OLDER_FROM - 1), minutesOfCutting(shapes, OLDER_FROM)]
  return young > 0 ? [told('Cutting takes a child about {0} min, from 8 years on about {1}.', young, older)] : []
}

/** What stands in the head of a workshop page where no picture was chosen: a die, scissors, a jigsaw piece, a pencil. */
const PICTURE_OF_KIND: Readonly<Record<PrintableFacts['kind'], PictureId>> = {
  game: 'u1f3b2',
  make: 'u2702',
  cards: 'u1f9e9',
  sheet: 'u270f',
}

/** A page in the workshop look has a picture, if only that of its kind. */
function withPicture(options: PrintOptions, kind: PrintableFacts['kind']): PrintOptions {
  return options.look === 'workshop' ? { ...options, picture: options.picture ?? PICTURE_OF_KIND[kind] } : options
}

/**
 * A printable whose options are checked before anything is drawn, whoever asks: the core, an endpoint or a view.
 * Its `make` throws RefusedValue for a rung, a count, an option or a seed that it cannot do right.
 */
export function definePrintable<const Id extends string>(definition: Definition<Id>): PrintableOf<Id> {
  const { make, notes, fill, deck } = definition
  const check = (options: PrintOptions) => checkOptions(definition, options)
  const checked =
    <Rest extends unknown[], Result>(work: (options: PrintOptions, ...rest: Rest) => Result) =>
    (options: PrintOptions, ...rest: Rest): Result => {
      check(options)
      return work(withBacks(options), ...rest)
    }
  const allNotes = (options: PrintOptions, seed: number): Told[] => [
    ...(notes?.(options, seed) ?? []),
    ...(definition.kind === 'make' ? cuttingNote(make(options, seed)) : []),
  ]
  const withBox = (options: PrintOptions, seed: number): Print => {
    const print = make(options, seed)
    if (!deck || options.box === undefined) return print
    const cards = { cards: cardsOn(print.pages), ...cardSize(deck(options), options) }
    return { ...print, pages: [...print.pages, boxPage(cards, { name: definition.name, seed }, options)] }
  }
  const dressed = (options: PrintOptions, seed: number): Print => {
    const print = withBox(withPicture(options, definition.kind), seed)
    return options.grey ? { ...print, pages: print.pages.map(greyed), key: print.key.map(greyed) } : print
  }
  return {
    ...definition,
    check,
    make: checked(dressed),
    ...((notes ?? definition.kind === 'make') && { notes: checked(allNotes) }),
    ...(fill && { fill: checked(fill) }),
  }
}
