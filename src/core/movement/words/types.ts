import type { GameId, MoveId } from '../types'

/** What a caller says, in one language, to children. `time` is a time as that language says it. */
export interface CallerWords {
  readonly games: Readonly<Record<GameId, string>>
  readonly gather: { readonly standing: string; readonly seated: string }
  readonly warmUp: { readonly standing: string; readonly seated: string }
  readonly shakeOut: { readonly standing: string; readonly seated: string }
  readonly settle: string
  readonly water: string
  readonly rest: string
  /** For the adult: why a rest stands there. */
  readonly whyRest: (seconds: number) => string
  readonly whyWater: string
  readonly isTime: (time: string) => string
  readonly askTime: readonly [string, string]
  readonly sayItBack: string
  readonly longArm: { readonly left: string; readonly right: string }
  readonly bentArm: { readonly left: string; readonly right: string }
  readonly standOn: { readonly left: string; readonly right: string }
  /** How far round 12, 3, 6 and 9 are. */
  readonly turns: readonly [string, string, string, string]
  readonly speeds: Readonly<
    Record<'second' | 'minute' | 'hour', { readonly standing: string; readonly seated: string }>
  >
  readonly ratios: readonly [string, string]
  readonly lapsTold: { readonly standing: string; readonly seated: string }
  readonly laps: { readonly standing: (rounds: number) => string; readonly seated: (rounds: number) => string }
  readonly chooseTold: string
  readonly everyone: string
  readonly again: string
  readonly about: { readonly standing: string; readonly seated: string }
  readonly freeze: (time: string) => string
  readonly moves: Readonly<Record<MoveId, { readonly standing: string; readonly seated: string }>>
  /** True of the very dial: where the short hand is, and where the long one. */
  readonly hourAt: (hour: number) => string
  readonly hourPassed: (hour: number) => string
  readonly hourBetween: (hour: number, next: number) => string
  readonly hourNearly: (next: number) => string
  readonly minuteAt: (numeral: number) => string
  readonly minutePast: (numeral: number) => string
}
