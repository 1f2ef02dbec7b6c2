/** Things that a child does, and when: for the halves of the day and for timetables. */
export const DOINGS = ['wake-up', 'breakfast', 'school', 'lunch', 'play', 'supper', 'story', 'asleep'] as const
export type DoingId = (typeof DOINGS)[number]

/** What is asked and printed for a child, in one language. `time` is a time as that language says it. */
export interface Phrases {
  readonly whatTime: string
  readonly howManyMinutes: string
  readonly whatHourHand: string
  readonly showMe: (time: string) => string
  readonly sayAloud: string
  readonly write: string
  readonly roundTo: (step: number) => string
  readonly later: (length: string) => string
  readonly sooner: (length: string) => string
  readonly howLong: (from: string, to: string) => string
  readonly startWhen: (deadline: string, steps: readonly string[]) => string
  readonly whichHalf: (doing: string) => string
  readonly write24: (part: string) => string
  readonly whichPart: string
  readonly iHave: string
  readonly whoHas: (time: string) => string
  readonly drawHands: string
  readonly spotSame: string
  readonly howLongEach: string
  readonly joinPairs: string
  readonly orderMorning: string
  readonly rightOrWrong: string
  readonly ringRight: string
  readonly ringFirst: string
  readonly colourZone: string
  readonly drawClock: string
  readonly markLine: string
  readonly laterBy: (length: string) => string
  readonly soonerBy: (length: string) => string
  readonly thenWhat: string
  readonly startAt: string
  readonly doneBy: string
  readonly planClocks: string
  readonly planTimes: string
  readonly findNext: string
  readonly start: string
  readonly bingo: string
  readonly showKnow: string
  readonly noonOrNight: string
  readonly whenIs: (doing: string) => string
  /** "still 10-something": what the hour is called while the hour hand is in its zone. */
  readonly stillHour: (hour: number) => string
  readonly doings: Readonly<Record<DoingId, string>>
  readonly parts: Readonly<Record<'hour-hand' | 'minute-hand' | 'second-hand' | 'centre' | 'face', string>>
  /** On the drawn dial: the names of its sides and its hands. */
  readonly onDial: { readonly past: string; readonly to: string; readonly hour: string; readonly minute: string }
  /** Hands that were set to `time`, with the hour hand so many degrees off, or left on the numeral. */
  readonly hourHandOff: {
    readonly behind: (time: string, degrees: string) => string
    readonly ahead: (time: string, degrees: string) => string
    readonly leftOn: (time: string, numeral: number, degrees: string) => string
  }
  readonly name: string
}
