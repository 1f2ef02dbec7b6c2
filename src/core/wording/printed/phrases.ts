import { MAKING_PHRASES, YARD_PHRASES } from './making'
import { HOME_PHRASES } from './home'
import { SESSION_PHRASES } from './session'

/** What stands on prints for the adult who cuts, calls and marks. */
const PRINT_PHRASES = [
  '{0}: cut along the lines',
  'Backs: print behind the page before',
  'backs',
  'Mat for {0}',
  'Mat: cover a clock of the time that was thrown',
  'Mat: cover the time of the clock that was thrown',
  'Mat: cover a clock of the time that was twirled',
  'Mat: cover the time of the clock that was twirled',
  'Control card: {0}',
  'Answers: {0}',
  'Answers: call in this order',
  'Answers: when each board is full',
  'Answers: the loop, from any card on',
  'Answers: each step, and where mistakes lead',
  'Answers: where each card of five lies',
  'key',
  'Lay the cards of five round the dial',
  'Lay the dough on this dial; cut the hands to length',
  'Spinner: hold a clip at the middle with a pencil and flick it',
  'Die: cut the whole lines, fold the dashed ones, glue the flaps',
  'Choose a clock. Say its time, then open and close as often as its hour says.',
  'Choose a time inside. Think: where do the hands point?',
  'Lift it and look. Then show it with your arms.',
  'Print down: fold the corners to the middle.',
  'Turn it over: fold the corners to the middle again.',
  'Fold it in half both ways, and open it.',
  'Fingers under the four clocks.',
  'Marking guide',
  'guide',
  '{0}: what a wrong answer means. Any other is a slip, or something new: ask how it was found.',
  '; or ',
  '{0}: at the {1}',
  'board {0} is full at call {1}',
  '{0}, which is there: {1}',
  '{0}, which is not on the page: {1}',
  'This bar is 100 mm when printed at 100 %',
  'no. {0}',
  'every time as it is',
  'rounded: {0}',
  '{0} as {1}',
  'still too hard: {0}',
  'left out, since two would be at one time: {0}',
  'Now',
  'Next',
  'Free time',
  'Nothing more today',
  'in {0}',
  'when the long hand gets to the {0}',
  'when the long hand gets {1} past the {0}',
  '{0}, after it has gone round once',
  '{0}, after it has gone round {1} times',
] as const
export interface PrintsPrinted {
  readonly phrases: Readonly<Record<(typeof PRINT_PHRASES)[number], string>>
  readonly names: Readonly<Record<string, string>>
}

/** All that is printed for the adult, in English. {0} and {1} stand for what is filled in. */
export const PRINTED = [
  ...PRINT_PHRASES,
  ...SESSION_PHRASES,
  ...HOME_PHRASES,
  ...MAKING_PHRASES,
  ...YARD_PHRASES,
] as const
export type PrintedPhrase = (typeof PRINTED)[number]

/** One language's words for what is printed for the adult. Where there are none, English is printed. */
export interface Printed {
  readonly phrases: Readonly<Record<PrintedPhrase, string>>
  /** Names by their English ones: prints, rungs, materials, cautions, what a child does who makes a known mistake. */
  readonly names: Readonly<Record<string, string>>
}
