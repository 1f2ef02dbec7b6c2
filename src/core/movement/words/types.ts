import type { Facing, MoveId, Quarter } from '../moves'
import type { GameId } from '../types'

/** What is said to children who stand, and to those who sit. */
export interface Forms<T = string> {
  readonly standing: T
  readonly seated: T
}

/** The hours of the day that is told in jump the day: 7 in the morning to 20 at night. */
export const DAY_HOURS = [7, 8, 9, 10, 11, 12, 13, 14, 16, 17, 18, 19, 20] as const
export type DayHour = (typeof DAY_HOURS)[number]

/** Jump the day: five things on the floor. */
export interface JumpWords {
  readonly told: Forms
  readonly facing: Readonly<Record<Facing, string>>
  readonly quarters: Readonly<Record<Quarter, string>>
  /** On the line between two quarters: either of them. */
  readonly either: (one: string, other: string) => string
  readonly out: Forms<(where: string) => string>
  readonly which: string
  /** An hour of the 24 as it is said aloud; `isUsual` where people say it so every day. */
  readonly hour24: { readonly isUsual: boolean; readonly say: (hour: number) => string }
  readonly day: Readonly<Record<DayHour, string>>
  /** On paper: where the four things lie, and how far from the middle one. */
  readonly places: (metres: string, between: string) => string
}

/** Be the hands: two children walk on a clock on the floor. */
export interface HandsWords {
  readonly told: Forms
  readonly both: (long: string, short: string) => string
  readonly alone: (short: string) => string
  /** How many numbers or small marks the long hand goes on, and where it then is. */
  readonly longOnNumbers: (numbers: number, where: string) => string
  readonly longOnMarks: (marks: number, where: string) => string
  readonly longStays: string
  readonly onNumber: (numeral: number) => string
  readonly pastNumber: (marks: number, numeral: number) => string
  /** How many numbers the short hand meets on its way, and where it then is. */
  readonly shortOn: (numbers: number, where: string) => string
  readonly shortStays: string
  readonly justPast: (numeral: number) => string
  readonly between: (numeral: number, next: number) => string
  readonly nearly: (next: number) => string
}

/** Hour relay: one runner of each team sets the clock at the far mark. */
export interface RelayWords {
  readonly told: Forms
  readonly set: (names: string, time: string) => string
  /** Once enough was run. */
  readonly walk: string
}

/** Find your time: a card for everyone. */
export interface CardsWords {
  readonly told: Forms
  readonly clock: Forms
  readonly inTurn: string
  readonly order: Forms
  readonly inOrder: string
  readonly partner: string
  readonly together: string
  readonly swap: string
  /** For the adult: how to deal the cards for pairs. */
  readonly whyDeal: (pairs: number) => string
  readonly card: (number: number) => string
}

/** What a caller says, in one language, to children. `time` is a time as that language says it. */
export interface CallerWords {
  readonly games: Readonly<Record<GameId, string>>
  readonly gather: Forms
  readonly warmUp: Forms
  readonly shakeOut: Forms
  readonly settle: string
  readonly water: string
  readonly rest: string
  /** For the adult: why a rest stands there. */
  readonly whyRest: (seconds: number) => string
  readonly whyWater: string
  readonly isTime: (time: string) => string
  /** The arms are to be the hands. */
  readonly showArms: (time: string) => string
  readonly askTime: readonly [string, string]
  readonly sayItBack: string
  readonly longArm: { readonly left: string; readonly right: string }
  readonly bentArm: { readonly left: string; readonly right: string }
  readonly standOn: { readonly left: string; readonly right: string }
  /** How far round 12, 3, 6 and 9 are. */
  readonly turns: readonly [string, string, string, string]
  readonly speeds: Readonly<Record<'second' | 'minute' | 'hour', Forms>>
  readonly ratios: readonly [string, string]
  readonly lapsTold: Forms
  readonly laps: Forms<(rounds: number) => string>
  readonly chooseTold: string
  readonly everyone: string
  readonly again: string
  readonly about: Forms
  readonly freeze: (time: string) => string
  readonly moves: Readonly<Record<MoveId, Forms>>
  /** True of the very dial: where the short hand is, and where the long one. */
  readonly hourAt: (hour: number) => string
  readonly hourPassed: (hour: number) => string
  readonly hourBetween: (hour: number, next: number) => string
  readonly hourNearly: (next: number) => string
  readonly minuteAt: (numeral: number) => string
  readonly minutePast: (numeral: number) => string
  /** A child without a name, by the place in the row. */
  readonly number: (place: number) => string
  readonly jump: JumpWords
  readonly hands: HandsWords
  readonly relay: RelayWords
  readonly cards: CardsWords
}
