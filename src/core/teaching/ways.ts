import { told, type Told } from '../wording'
/** How a rung is met: with the hands, in pictures, in signs. In this order inside a rung. */
export const STAGES = ['concrete', 'pictorial', 'abstract'] as const
export type Stage = (typeof STAGES)[number]

/** The three kinds as the adult reads them. */
export const KIND_NAMES: Readonly<Record<Stage, Told>> = {
  concrete: told('with things'),
  pictorial: told('with pictures'),
  abstract: told('with words and figures'),
}

/**
 * Where a misreading is held. A child may misread a dial and set it well, or the reverse, so each place has
 * evidence of its own: a dial that is read, hands that are set, figures that are said aloud, figures that are
 * written, times that are reckoned with.
 */
export const MODES = ['reading', 'setting', 'saying', 'writing', 'reckoning'] as const
export type Mode = (typeof MODES)[number]

/** One way of asking: what it is called, with what it is met, how it is answered, and what it can show. */
interface WayOfAsking {
  /** As the adult picks and reads it. */
  readonly name: Told
  /** With what it is met when it is asked on the screen: hands moved, a picture read, signs written or reckoned with. */
  readonly stage: Stage
  /** By one of some choices, or in the open: hands set, figures written. */
  readonly answered: 'choice' | 'hands' | 'figures'
  /** Where a misreading shows that can be held in several places. */
  readonly mode: Extract<Mode, 'reading' | 'setting' | 'saying'>
  /** What the child did, after the name: "Bram said". */
  readonly did: 'said' | 'set' | 'wrote' | 'chose'
  /**
   * How strongly a check holds it back once it has come: an exponent. An open answer tells more at once than a choice
   * does, but only about its own way. Found by trying, with `bench/knowing.ts`.
   */
  readonly heldBack: number
}

const read = { stage: 'pictorial', answered: 'choice', mode: 'reading', did: 'said', heldBack: 0.27 } as const
const reckoned = { ...read, stage: 'abstract' } as const

/** The one table of the ways of asking. A new one is one entry here. */
export const WAYS = {
  read: {
    ...read,
    name: told('reading a clock'),
  },
  set: {
    name: told('setting a clock'),
    stage: 'concrete',
    answered: 'hands',
    mode: 'setting',
    did: 'set',
    heldBack: 0,
  },
  say: {
    ...read,
    name: told('saying figures'),
    mode: 'saying',
    stage: 'abstract',
    heldBack: 0,
  },
  match: {
    ...read,
    name: told('matching to figures'),
    did: 'chose',
  },
  write: {
    name: told('writing it down'),
    stage: 'abstract',
    answered: 'figures',
    mode: 'reading',
    did: 'wrote',
    heldBack: 0.25,
  },
  name: {
    ...read,
    name: told('naming parts'),
  },
  round: {
    ...read,
    name: told('rounding'),
  },
  later: {
    ...read,
    name: told('later and sooner'),
  },
  'how-long': {
    ...read,
    name: told('how long'),
  },
  'work-back': {
    ...reckoned,
    name: told('start when'),
  },
  'half-of-day': {
    ...reckoned,
    name: told('half of the day'),
  },
  'write-24': {
    ...reckoned,
    name: told('24 hours'),
    did: 'wrote',
  },
  'look-up': {
    ...reckoned,
    name: told('looking up'),
  },
} as const satisfies Record<string, WayOfAsking>

/** Which way a question goes. */
export type Ask = keyof typeof WAYS
export const ASKS = Object.keys(WAYS) as Ask[]

/** What the table says of a way of asking. */
export const wayOf = (ask: Ask): WayOfAsking => WAYS[ask]

/** Whether it is answered in the open, by setting or writing, without choices. */
export const isOpen = (ask: Ask): boolean => wayOf(ask).answered !== 'choice'

interface AskedItem {
  readonly ask: Ask
}

/** Whether a question is answered by setting the hands. */
export const isSet = ({ ask }: AskedItem): boolean => wayOf(ask).answered === 'hands'

/** Whether it is answered by writing figures. */
export const isWritten = ({ ask }: AskedItem): boolean => wayOf(ask).answered === 'figures'
