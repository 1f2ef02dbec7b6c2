import { MINUTES_PER_DAY, MINUTES_PER_TURN, modulo, onDial, shiftTime } from '../clock'
import { randomFrom, shuffled } from '../random'
import { type Item, type PlanRow, type Value, luresFor } from '../teaching'
import { type Wording, say } from '../wording'
import { type Happening, LEAST_LETTERS, lettersIn, shortened } from './happenings'
import { sentencesOf } from './story'
import { type StoryQuestion, type Maker, seedFor } from './questionKinds'
import { chosen } from './lengthQuestions'

/* Questions about what came when: between, later, in order, before or after. */

const MOST_ORDERED = 6

/** The rows that a look-up is kept with: what happened, short, at its time of the day. */
const LONGEST_ROW = 40

const rowOf = ({ at, quote }: Happening): PlanRow => ({
  minute: modulo(at, MINUTES_PER_DAY),
  what: quote.length <= LONGEST_ROW ? quote : `${quote.slice(0, LONGEST_ROW - 1).trimEnd()}…`,
})

function lookUp(right: Happening, rows: readonly Happening[]): Item {
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

/** The least time between two things in which a third can be placed, minutes. */
const LEAST_ROOM = 20

/** Sentences without a time between two with one: of three times only one lies between them. */
export function infers(maker: Maker): StoryQuestion[] {
  const { wish, words } = maker
  const sentences = sentencesOf(wish.text, wish.times)
  const timed = (i: number) => {
    const sentence = sentences[i]
    return sentence && wish.times.filter(({ from }) => from >= sentence.from && from < sentence.to)
  }
  return sentences.flatMap((sentence, i): StoryQuestion[] => {
    const own = timed(i) ?? []
    // What follows "It is ten past nine." happens then.
    const before = timed(i - 1) ?? []
    const said = before.reduce((sum, { text }) => sum - lettersIn(text), lettersIn(sentences[i - 1]?.text ?? ''))
    const isTold = before.length > 0 && said < LEAST_LETTERS
    const earlier = wish.times.filter(({ to }) => to <= sentence.from).pop()
    const later = wish.times.find(({ from }) => from >= sentence.to)
    if (own.length > 0 || isTold || !earlier || !later || earlier.either || later.either) return []
    const room = later.at - earlier.at
    if (room < LEAST_ROOM || room >= MINUTES_PER_TURN - 120) return []
    const middle = earlier.at + Math.max(5, Math.round(room / 10) * 5)
    if (middle <= earlier.at || middle >= later.at) return []
    const outside = [earlier.at - 30, later.at + 30, later.at + 60].filter((at) => at >= 0)
    const offered = [middle, ...outside].map((at) => ({
      value: { kind: 'time', minute: onDial(at) } as const,
      text: say(onDial(at), wish.wording),
    }))
    const right: Happening = { key: '', at: middle, quote: shortened(sentence.text) }
    const rows = [earlier, later].map(({ key, at, text }) => ({ key, at, quote: text }))
    return [
      chosen(
        maker,
        i + 80,
        {
          id: `infer:${earlier.key}:${later.key}:${sentence.text.slice(0, 20)}`,
          kind: 'infer',
          says: words.infer(right.quote),
          item: lookUp(right, [rows[0] as Happening, right, rows[1] as Happening]),
        },
        offered,
      ),
    ]
  })
}
