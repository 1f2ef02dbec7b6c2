import { MINUTES_PER_DAY, modulo, onDial, shiftTime } from '../clock'
import { randomFrom, shuffled } from '../random'
import { type Item, luresFor, type PlanRow, type Value } from '../teaching'
import { say, type Wording } from '../wording'
import type { Happening } from './happenings'
import { type Maker, seedFor, type StoryQuestion } from './questionKinds'
import { chosen } from './lengthQuestions'

/* Questions about what came when: between, later, in order, before or after. */

const MOST_ORDERED = 6

/** The rows that a look-up is kept with: what happened, short, at its time of the day. */
const LONGEST_ROW = 40

const rowOf = ({ at, quote }: Happening): PlanRow => ({
  minute: modulo(at, MINUTES_PER_DAY),
  what: quote.length <= LONGEST_ROW ? quote : `${quote.slice(0, LONGEST_ROW - 1).trimEnd()}…`,
})

/** A question after a happening as an item: its row has to be found among the others. */
export function lookUp(right: Happening, rows: readonly Happening[]): Item {
  const minute = modulo(right.at, MINUTES_PER_DAY)
  return {
    rung: 'timetable',
    ask: 'look-up',
    shown: { as: 'rows', minute, rows: rows.map(rowOf) },
    answer: { kind: 'time', minute: onDial(minute) },
    lures: [],
  }
}

const timeOf = ({ at }: Happening): Value => ({ kind: 'time', minute: onDial(at) })

/** What lies between two things that have just one between them; the wrong choices lie outside. */
export function between(maker: Maker, i: number): StoryQuestion | undefined {
  const { words, happenings } = maker
  const [from, middle, to] = happenings.slice(i, i + 3) as [Happening, Happening, Happening]
  const outside = happenings.filter(({ at }) => at < from.at || at > to.at)
  const apart = outside.filter((each) => onDial(each.at) !== onDial(middle.at))
  if (apart.length === 0) return undefined
  const wrong = shuffled(randomFrom(seedFor(maker, i) + 11), apart).slice(0, 3)
  return chosen(
    maker,
    i + 40,
    {
      id: `between:${from.key}:${to.key}`,
      kind: 'between',
      says: words.between(from.quote, to.quote),
      item: lookUp(middle, happenings),
    },
    [middle, ...wrong].map((each) => ({ text: each.quote, value: timeOf(each) })),
  )
}

const SHIFTS = [5, 10, 15, 20, 30, 60] as const

export function whatIf(maker: Maker, i: number): StoryQuestion {
  const { wish, words, happenings } = maker
  const { key, at, quote } = happenings[i] as Happening
  const by = SHIFTS[modulo(wish.seed + i, SHIFTS.length)] ?? 10
  const minute = modulo(at, MINUTES_PER_DAY)
  const answer = { kind: 'time', minute: onDial(shiftTime(minute, by).minute) } as const
  const item: Item = {
    rung: 'later',
    ask: 'later',
    shown: { as: 'shift', minute: onDial(minute), by },
    answer,
    lures: [],
  }
  const wrong = luresFor(item, { count: 3, seed: seedFor(maker, i), weights: wish.weights })
  const spoken: Wording = { ...wish.wording, form: wish.wording.form === 'digital' ? 'digital' : wish.wording.form }
  const offered = [answer, ...wrong.map(({ value }) => value)].flatMap((value) =>
    value.kind === 'time' ? [{ value, text: say(value.minute, spoken) }] : [],
  )
  return chosen(
    maker,
    i + 60,
    {
      id: `what-if:${key}:${by}`,
      kind: 'what-if',
      says: words.whatIf(quote, words.lengths[by]),
      item: { ...item, lures: wrong },
    },
    offered,
  )
}

export function inOrder(maker: Maker): StoryQuestion {
  const { wish, words, happenings } = maker
  const some = happenings.slice(0, MOST_ORDERED)
  const mixed = shuffled(randomFrom(wish.seed + 1), some)
  // In the order of the story it would be no question.
  const isSame = mixed.every(({ key }, i) => key === some[i]?.key)
  const dealt = isSame ? [...mixed.slice(1), ...mixed.slice(0, 1)] : mixed
  return {
    id: `order:${some.map(({ key }) => key).join(':')}`,
    kind: 'order',
    says: words.order,
    choices: dealt.map(({ quote }) => quote),
    right: some.map((each) => dealt.indexOf(each)),
    item: lookUp(some[0] as Happening, some),
    values: dealt.map(timeOf),
  }
}
