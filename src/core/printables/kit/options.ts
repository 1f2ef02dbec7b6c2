import { told, ownWords } from '../../wording'
import { MOST_DAY_ROWS } from '../../days'
import { isTwoHanded, misreadings, type RungId } from '../../teaching'
import type { PrintOption } from './optionKinds'

/** How the back of a card comes to lie behind its front: by turning the sheet over its long or its short edge. */
export const FLIPS = {
  'long-edge': told('turned over the long edge'),
  'short-edge': told('turned over the short edge'),
} as const

/** What is covered in a game on a mat; the die or the spinner shows the other side of the pair. */
export const COVERS = {
  dials: told('clocks, by their words'),
  figures: told('figures, by their clocks'),
  words: told('words, by their clocks'),
} as const

/** How large cards are cut, by how many lie on a page. */
const CARD_SIZES = {
  small: told('small: more on a page'),
  usual: told('usual'),
  large: told('large, for 4-year-olds'),
} as const

/** How a page looks besides what it asks. */
export const LOOKS = {
  plain: told('Plain look'),
  workshop: told('Workshop look'),
} as const

export const LOOK_IDS = Object.keys(LOOKS) as (keyof typeof LOOKS)[]

/** The sets that are told apart by their backs. */
const LETTERS = {
  A: ownWords('A'),
  B: ownWords('B'),
  C: ownWords('C'),
  D: ownWords('D'),
  E: ownWords('E'),
  F: ownWords('F'),
  G: ownWords('G'),
  H: ownWords('H'),
} as const

const twoHandsOnly = (value: string | number, instead: string | number) => ({
  rungs: told('a step that is read off two hands'),
  instead,
  suits: (chosen: unknown, rung: RungId) => chosen !== value || isTwoHanded(rung),
})

/**
 * Everything that can be chosen for a print besides its rung, count, paper and wording. The core's checks, the
 * endpoints' schemas, the form in the Print room, the defaults and the tests' random options all read this table.
 */
export const PRINT_OPTIONS = {
  boards: {
    type: 'whole',
    label: told('Boards'),
    help: told('2 to 12, one for each child'),
    least: 2,
    most: 12,
    step: 1,
    usual: 4,
  },
  cells: {
    type: 'level',
    label: told('Cells of each time on the mat'),
    values: [1, 2, 3, 4],
    names: ['1', '2', '3', '4'].map(ownWords),
    usual: 3,
  },
  covers: {
    type: 'choice',
    label: told('What is covered'),
    values: COVERS,
    usual: 'dials',
    limit: twoHandsOnly('figures', 'words'),
  },
  sectors: {
    type: 'numbers',
    label: told('Widths of the sectors'),
    help: told('Leave this empty to make them alike. 1, 2 makes the second twice as wide as the first.'),
    most: 12,
    largest: 10,
    each: told('width of sector'),
    example: '1, 1, 1 …',
  },
  pieces: {
    type: 'level',
    label: told('Pieces of the clock'),
    values: [4, 6, 12],
    names: ['4', '6', '12'].map(ownWords),
    usual: 6,
  },
  wrist: {
    type: 'whole',
    label: told('Round the wrist, cm'),
    help: told('About 13 at 4 years, 14 at 6, 15 at 8; or measure it with a strip of paper'),
    least: 10,
    most: 18,
    step: 1,
    usual: 14,
  },
  across: {
    type: 'whole',
    label: told('Clock across, mm'),
    help: told('The clock that the ring goes round, measured from edge to edge'),
    least: 80,
    most: 120,
    step: 1,
    usual: 92,
  },
  by: {
    type: 'whole',
    label: told('Minutes from clock to clock'),
    help: told('A multiple of 5, or empty for mixed steps'),
    least: 5,
    most: 300,
    step: 5,
    none: told('mixed'),
  },
  answers: {
    type: 'choice',
    label: told('How it is answered'),
    values: { write: told('Write the answer'), choose: told('Ring one of three') },
    usual: 'write',
  },
  forms: {
    type: 'level',
    label: told('What a set is made of'),
    values: [2, 3],
    names: [told('Dial, words'), told('Dial, figures, words')],
    usual: 2,
    limit: twoHandsOnly(3, 2),
  },
  reversed: { type: 'flag', label: told('Show clocks, write the times') },
  drawn: {
    type: 'choice',
    label: told('Hands to draw'),
    values: {
      both: told('both on one clock'),
      apart: told('hours on one clock, minutes on another'),
      hour: told('the hour hand, the minute hand is there'),
      minute: told('the minute hand, the hour hand is there'),
    },
    usual: 'both',
  },
  rows: {
    type: 'rows',
    label: told('Your own day (if you like)'),
    help: told('One line for each time and what happens then'),
    most: MOST_DAY_ROWS,
    example: told('7:30 breakfast\n8:15 walk to school'),
  },
  helps: {
    type: 'level',
    label: told('Hints on the clock'),
    values: [0, 1, 2, 3],
    names: [told('none'), told('ring of fives'), told('ring, past and to sides'), told('ring, sides and hand names')],
    usual: 0,
  },
  weights: {
    type: 'weights',
    label: told('Wrong choices'),
    help: told('How likely each common mistake is to make a wrong choice; 1 where it is not named'),
    names: misreadings.map(({ id }) => id),
    largest: 1000,
  },
  backs: { type: 'choice', label: told('Backs'), values: FLIPS, none: told('none: print on one side') },
  size: {
    type: 'choice',
    label: told('Size of the cards'),
    values: CARD_SIZES,
    usual: 'usual',
  },
  wholePage: { type: 'flag', label: told('Each board on a page of its own') },
  letter: {
    type: 'choice',
    label: told('Letter of the set'),
    help: told('It stands on every back, so that sets that got mixed up are sorted again'),
    values: LETTERS,
    none: told('no letter'),
  },
  box: {
    type: 'choice',
    label: told('A box for the cards'),
    help: told('A page to fold, worked out from how many cards there are and what they are printed on'),
    values: {
      '80': told('cards on paper, 80 g/m²'),
      '160': told('cards on card, 160 g/m²'),
      '300': told('cards on thick card, 300 g/m²'),
    },
    none: told('no box'),
  },
  cover: { type: 'flag', label: told('A cover for the book') },
  guillotine: { type: 'flag', label: told('Marks for a guillotine') },
  title: { type: 'text', label: told('Title'), longest: 200, none: told('the usual one'), everywhere: true },
  owner: { type: 'text', label: told('For whom (if you like)'), longest: 60, everywhere: true },
  picture: {
    type: 'picture',
    label: told('Picture beside the name'),
    help: told('For those who cannot read their name yet'),
    everywhere: true,
  },
  look: {
    type: 'choice',
    label: told('Look of the pages'),
    values: LOOKS,
    usual: 'plain',
    everywhere: true,
  },
  lowInk: { type: 'flag', label: told('Low ink: outlines instead of colour'), everywhere: true },
  grey: { type: 'flag', label: told('Shades of grey instead of colours'), everywhere: true },
} as const satisfies Record<string, PrintOption>

export type OptionId = keyof typeof PRINT_OPTIONS
export const OPTION_IDS = Object.keys(PRINT_OPTIONS) as OptionId[]

/** Those that a printable names in `takes`. */
export type TakenId = {
  [Id in OptionId]: (typeof PRINT_OPTIONS)[Id] extends { everywhere: true } ? never : Id
}[OptionId]
