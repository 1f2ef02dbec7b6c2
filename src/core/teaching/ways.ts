/** How a rung is met: with the hands, in pictures, in signs. In this order inside a rung. */
export const STAGES = ['concrete', 'pictorial', 'abstract'] as const
export type Stage = (typeof STAGES)[number]

/**
 * Where a misreading is held. A child may misread a dial and set it well, or the reverse, so each place has
 * evidence of its own: a dial that is read, hands that are set, figures that are said aloud, figures that are
 * written, times that are reckoned with.
 */
export const MODES = ['reading', 'setting', 'saying', 'writing', 'reckoning'] as const
export type Mode = (typeof MODES)[number]

/** One way of asking: what it is called, with what it is met, how it is answered, and what it can show. */
interface Way {
  /** As the adult picks and reads it. */
  readonly name: string
  /** With what it is met when it is asked on the screen: hands moved, a picture read, signs written or reckoned with. */
  readonly stage: Stage
  /** By one of some choices, or in the open: hands set, figures written. */
  readonly answered: 'choice' | 'hands' | 'figures'
  /** Where a misreading shows that can be held in several places. */
  readonly mode: Extract<Mode, 'reading' | 'setting' | 'saying'>
  /** What the child did, after the name: "Bram said". */
  readonly did: 'said' | 'set' | 'wrote' | 'chose'
  /** What the adult does where it is asked with things instead of on the screen. */
  readonly withThings: string
  /**
   * How strongly a check holds it back once it has come: an exponent. An open answer tells more at once than a choice
   * does, but only about its own way. Found by trying, with `bench/knowing.ts`.
   */
  readonly heldBack: number
}

const read = { stage: 'pictorial', answered: 'choice', mode: 'reading', did: 'said', heldBack: 0.2 } as const
const reckoned = { ...read, stage: 'abstract' } as const

/** The one table of the ways of asking. A new one is one entry here. */
export const WAYS = {
  read: {
    ...read,
    name: 'reading a clock',
    withThings: 'Set a real or a made clock to this, cover the screen, and let the child read the clock.',
  },
  set: {
    name: 'setting a clock',
    stage: 'concrete',
    answered: 'hands',
    mode: 'setting',
    did: 'set',
    withThings: 'Let the child set a real or a made clock, and set the one here as the child did.',
    heldBack: 0,
  },
  say: {
    ...read,
    name: 'saying figures',
    mode: 'saying',
    stage: 'abstract',
    withThings: 'Lay the figures with number cards, and let the child say the time.',
    heldBack: 1,
  },
  match: {
    ...read,
    name: 'matching to figures',
    did: 'chose',
    withThings: 'Set a real or a made clock to this, and let the child pick the card with its figures.',
  },
  write: {
    name: 'writing it down',
    stage: 'abstract',
    answered: 'figures',
    mode: 'reading',
    did: 'wrote',
    withThings: 'Set a real or a made clock to this, and let the child lay the figures with number cards.',
    heldBack: 0.25,
  },
  name: {
    ...read,
    name: 'naming parts',
    withThings: 'Point to this part on a real or a made clock.',
  },
  round: {
    ...read,
    name: 'rounding',
    withThings: 'Set a real clock to this. The child turns the long hand to the nearest five.',
  },
  later: {
    ...read,
    name: 'later and sooner',
    withThings: 'Set a real clock to this. The child turns it on, or back, and reads it.',
  },
  'how-long': {
    ...read,
    name: 'how long',
    withThings: 'The child turns a real clock from the first time to the second, and counts.',
  },
  'work-back': {
    ...reckoned,
    name: 'start when',
    withThings: 'Lay a counter for every five minutes. The child turns a real clock back by them.',
  },
  'half-of-day': {
    ...reckoned,
    name: 'half of the day',
    withThings: 'Lay two plates, one for each half of the day. The child puts something of this doing on one of them.',
  },
  'write-24': {
    ...reckoned,
    name: '24 hours',
    did: 'wrote',
    withThings: 'The child turns a real clock on from noon, counting from twelve, and says the hour.',
  },
  'look-up': {
    ...reckoned,
    name: 'looking up',
    withThings: 'Lay the rows as cards. The child finds the row and sets a real clock to it.',
  },
} as const satisfies Record<string, Way>

/** Which way a question goes. */
export type Ask = keyof typeof WAYS
export const ASKS = Object.keys(WAYS) as Ask[]

/** What the table says of a way of asking. */
export const wayOf = (ask: Ask): Way => WAYS[ask]

/** Whether it is answered in the open, by setting or writing, without choices. */
export const isOpen = (ask: Ask): boolean => wayOf(ask).answered !== 'choice'
