import type { Activity } from '../activities'
import { randomFrom } from '../random'
import {
  type Item,
  type Misreading,
  type RungId,
  asksOf,
  askInWords,
  itemPool,
  makeItems,
  mends,
  misreadings,
  sayAnswer,
  wrongAnswers,
} from '../teaching'
import { type PrintedPhrase, type Wording, printedAs } from '../wording'

/** What a child can do who knows a rung, in plain words: for a family, and as what a session is for. */
export const CAN_DO = {
  parts: 'name the parts of a clock, and show which way the hands turn',
  'hour-hand': 'say where the short hand is: at an hour, just after it, halfway or nearly at the next',
  oclock: 'read and set whole hours, such as three o’clock',
  half: 'read and set half past',
  fives: 'count the minutes round the clock in fives',
  quarters: 'read and set the quarters of an hour',
  'past-fives': 'read minutes past the hour, in fives',
  'to-fives': 'read minutes to the next hour, in fives',
  minute: 'read the clock to the very minute',
  digital: 'write the time in figures, and match it to a clock',
  'day-halves': 'tell morning from afternoon and evening by the clock',
  'day-24': 'say the hours of the afternoon on a day of 24 hours',
  rounding: 'round a time to the nearest five minutes',
  later: 'say what time it will be some minutes later, or was some minutes before',
  elapsed: 'say how long something lasts, from its beginning to its end',
  'work-back': 'say when to start so as to be ready in time',
  timetable: 'read a plan of the day and show its times on a clock',
} as const satisfies Record<RungId, PrintedPhrase>

/** What an activity is for on a rung, what can be asked, and what may go wrong. */
export interface ActivityNotes {
  /** "By the end each child can: …" */
  readonly objective: string
  /** Questions to ask, each with its answer. */
  readonly questions: readonly string[]
  /** Misreadings that show on the rung, those that the activity mends first. */
  readonly wrong: readonly Misreading[]
}

/** More than this, nobody has in mind at the table. */
const MOST_WRONG = 3
const ASKED_WAYS = 2
/** So many questions of a rung are tried to see whether a misreading shows on it. */
const TRIED_ITEMS = 12

/** What stands with an activity beside its own words, in the group's language; the seed picks the questions. */
export function activityNotes(activity: Activity, rung: RungId, wording: Wording, seed = 1): ActivityNotes {
  const asks = asksOf(rung).slice(0, ASKED_WAYS)
  const questions = asks.flatMap((ask, i) => makeItems(randomFrom(seed + i), { rung, ask, count: 1 }))
  return {
    objective: objectiveOf(rung, wording),
    questions: questions.map((item) => questionWithAnswer(item, wording)),
    wrong: goesWrong(rung)
      .sort((a, b) => Number(mends(activity.id, b.id)) - Number(mends(activity.id, a.id)))
      .slice(0, MOST_WRONG),
  }
}

export function objectiveOf(rung: RungId, wording: Wording): string {
  return printedAs('By the end each child can: {0}.', wording, printedAs(CAN_DO[rung], wording))
}

/** "Show me half past four." needs no answer beside it; "What time is it?" does. */
function questionWithAnswer(item: Item, wording: Wording): string {
  const asked = askInWords(item, wording)
  const answer = sayAnswer(item, item.answer, wording)
  return asked.includes(answer) ? asked : printedAs('{0} ({1})', wording, asked, answer)
}

/** The misreadings by which some question of a rung is answered wrongly, the commonest first. */
function goesWrong(rung: RungId): Misreading[] {
  const items = asksOf(rung).flatMap((ask) => itemPool(randomFrom(1), { rung, ask }).slice(0, TRIED_ITEMS))
  return misreadings
    .filter((misreading) => items.some((item) => wrongAnswers(misreading, item).length > 0))
    .sort((a, b) => b.prior - a.prior)
}
