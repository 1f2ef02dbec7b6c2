import { MINUTES_PER_DAY, MINUTES_PER_TURN, countJumps, minutesPast, modulo, onDial, shiftTime } from '../clock'
import { drawInt, randomFrom, shuffled } from '../random'
import {
  type Item,
  type MisreadingId,
  type PlanRow,
  type RungId,
  type Value,
  durationOf,
  luresFor,
  rungOf,
} from '../teaching'
import { type Wording, say, sayDuration } from '../wording'
import { type Happening, LEAST_LETTERS, happeningsOf, lettersIn, shortened } from './happenings'
import { type StoryTime, sentencesOf } from './story'
import { type StoryWords, storyWords } from './words'

export const QUESTION_KINDS = {
  'which-clock': 'Which clock shows when …',
  'set-clock': 'Set the clock to when …',
  'how-long': 'How long between',
  between: 'What came between',
  'later-by': 'Which is later, and by how much',
  order: 'Put in order',
  'what-if': 'What if it were later',
  infer: 'When can it have been',
} as const
export type QuestionKind = keyof typeof QUESTION_KINDS

/** A question about a story. Each is computed from the story's own timeline. */
export interface StoryQuestion {
  /** The same for the same question about the same times: its kind and their keys. */
  readonly id: string
  readonly kind: QuestionKind
  readonly says: string
  /** Clocks to choose from, dial times; only for `which-clock`. */
  readonly clocks?: readonly number[]
  /** What is offered in words; empty where the hands are set. */
  readonly choices: readonly string[]
  /** Which choice or clock is right; for `order` the choices in their right order. */
  readonly right: readonly number[]
  /** As it is asked of a child and kept with the answers; each choice is one of `values`. */
  readonly item: Item
  readonly values: readonly Value[]
}

export interface QuestionsWish {
  readonly text: string
  readonly times: readonly StoryTime[]
  readonly wording: Wording
  /** The school's order, in which the rung of a time is looked up. */
  readonly order: readonly RungId[]
  readonly seed: number
  readonly weights?: Partial<Record<MisreadingId, number>>
}

interface Maker {
  readonly wish: QuestionsWish
  readonly words: StoryWords
  /** In the order of the story's day, each minute once. */
  readonly happenings: readonly Happening[]
}

/** All questions that a story gives, from its first to its last time. The same wish gives the same questions. */
export function storyQuestions(wish: QuestionsWish): StoryQuestion[] {
  const clear = wish.times.filter(({ either }) => either === undefined)
  const all = happeningsOf(wish.text, clear)
  const distinct = all.filter(
    (one, i) =>
      all.findIndex(({ at }) => at === one.at) === i && all.filter(({ quote }) => quote === one.quote).length === 1,
  )
  const happenings = [...distinct].sort((a, b) => a.at - b.at)
  const maker: Maker = { wish, words: storyWords(wish.wording.language), happenings }
  return [
    ...happenings.flatMap((_, i) => [whichClock(maker, i), setClock(maker, i)]),
    ...happenings.slice(1).flatMap((_, i) => [howLong(maker, i) ?? [], laterBy(maker, i) ?? []].flat()),
    ...happenings.slice(2).flatMap((_, i) => between(maker, i) ?? []),
    ...happenings.flatMap((_, i) => whatIf(maker, i)),
    ...infers(maker),
    ...(happenings.length >= LEAST_ORDERED ? [inOrder(maker)] : []),
  ]
}

const LEAST_ORDERED = 3
const MOST_ORDERED = 6
const CLOCKS = 4

const seedFor = ({ wish }: Maker, i: number) => wish.seed * 100 + i

/** The first rung of the order on which a time is read. */
function rungFor(dial: number, order: readonly RungId[]): RungId {
  return (
    order.find((id) => {
      const own = rungOf(id).dial
      return own?.hands === 'both' && own.minutes.includes(minutesPast(dial))
    }) ?? 'minute'
  )
}

function clockItem({ wish }: Maker, at: number, ask: 'match' | 'set'): Item {
  const minute = onDial(at)
  return {
    rung: rungFor(minute, wish.order),
    ask,
    shown: ask === 'set' ? { as: 'words', minute } : { as: 'dial', minute, hands: 'both' },
    answer: { kind: 'time', minute },
    lures: [],
  }
}

/** Four clocks: the right one, what misreadings lead to, and other times of the story. */
function whichClock(maker: Maker, i: number): StoryQuestion {
  const { wish, words, happenings } = maker
  const { key, at, quote } = happenings[i] as Happening
  const bare = clockItem(maker, at, 'match')
  const random = randomFrom(seedFor(maker, i))
  const lures = luresFor(bare, { count: CLOCKS, seed: seedFor(maker, i), weights: wish.weights })
  const others = shuffled(random, happenings).map((other) => onDial(other.at))
  const wrong = [...lures.slice(0, 2).flatMap(({ value }) => (value.kind === 'time' ? value.minute : [])), ...others]
  const more = lures.flatMap(({ value }) => (value.kind === 'time' ? value.minute : []))
  const distinct = [...new Set([...wrong, ...more])].filter((minute) => minute !== onDial(at)).slice(0, CLOCKS - 1)
  const clocks = shuffled(random, [onDial(at), ...distinct])
  return {
    id: `which-clock:${key}`,
    kind: 'which-clock',
    says: words.whichClock(quote),
    clocks,
    choices: [],
    right: [clocks.indexOf(onDial(at))],
    item: { ...bare, lures: lures.filter(({ value }) => value.kind === 'time' && distinct.includes(value.minute)) },
    values: clocks.map((minute) => ({ kind: 'time', minute })),
  }
}

function setClock(maker: Maker, i: number): StoryQuestion {
  const { key, at, quote } = maker.happenings[i] as Happening
  const item = clockItem(maker, at, 'set')
  const says = maker.words.setClock(quote)
  return { id: `set-clock:${key}`, kind: 'set-clock', says, choices: [], right: [], item, values: [] }
}

function spanItem(from: Happening, to: Happening): Item | undefined {
  const minutes = to.at - from.at
  if (minutes <= 0 || minutes >= MINUTES_PER_DAY / 2) return undefined
  const [minute, end] = [modulo(from.at, MINUTES_PER_DAY), modulo(to.at, MINUTES_PER_DAY)]
  return {
    rung: 'elapsed',
    ask: 'how-long',
    shown: { as: 'span', minute, to: end },
    answer: durationOf(countJumps(minute, end).minutes),
    lures: [],
  }
}

/** Wrong lengths: what misreadings lead to, said as lengths, none of them the true one. */
function wrongLengths(item: Item, count: number, maker: Maker, i: number): Value[] {
  return luresFor(item, { count, seed: seedFor(maker, i), weights: maker.wish.weights }).map(({ value }) => value)
}

const lengthText = (value: Value) => (value.kind === 'duration' ? sayDuration(value.hours * 60 + value.minutes) : '')

function chosen(
  maker: Maker,
  i: number,
  question: Omit<StoryQuestion, 'choices' | 'right' | 'values'>,
  offered: readonly { readonly text: string; readonly value: Value }[],
): StoryQuestion {
  // The first one that is offered is right; those that read the same are offered once.
  const apart = offered.filter(({ text }, at) => offered.findIndex((other) => other.text === text) === at)
  const mixed = shuffled(randomFrom(seedFor(maker, i) + 7), apart)
  return {
    ...question,
    choices: mixed.map(({ text }) => text),
    values: mixed.map(({ value }) => value),
    right: [mixed.findIndex(({ text }) => text === offered[0]?.text)],
  }
}

function howLong(maker: Maker, i: number): StoryQuestion | undefined {
  const [from, to] = [maker.happenings[i] as Happening, maker.happenings[i + 1] as Happening]
  const item = spanItem(from, to)
  if (!item) return undefined
  const offered = [item.answer, ...wrongLengths(item, 3, maker, i)].map((value) => ({ value, text: lengthText(value) }))
  return chosen(
    maker,
    i,
    {
      id: `how-long:${from.key}:${to.key}`,
      kind: 'how-long',
      says: maker.words.howLong(from.quote, to.quote),
      item,
    },
    offered,
  )
}

/** The two are named in a drawn order, so that the later one is not always the second. */
function laterBy(maker: Maker, i: number): StoryQuestion | undefined {
  const { words, happenings } = maker
  const [from, to] = [happenings[i] as Happening, happenings[i + 1] as Happening]
  const item = spanItem(from, to)
  if (!item) return undefined
  const isTurned = drawInt(randomFrom(seedFor(maker, i) + 3), 0, 1) === 1
  const [later, earlier] = isTurned ? [words.first, words.second] : [words.second, words.first]
  const [wrong] = wrongLengths(item, 1, maker, i + 50)
  const lengths = [item.answer, ...(wrong ? [wrong] : [])]
  const offered = [later, earlier].flatMap((which) =>
    lengths.map((value) => {
      const text = words.byMuch(which, lengthText(value))
      // The right length of the wrong one is no right answer: it is kept as it was said.
      return { text, value: which === later ? value : ({ kind: 'written', text } as const) }
    }),
  )
  return chosen(
    maker,
    i + 20,
    {
      id: `later-by:${from.key}:${to.key}`,
      kind: 'later-by',
      says: isTurned ? words.laterBy(to.quote, from.quote) : words.laterBy(from.quote, to.quote),
      item,
    },
    offered,
  )
}

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
function between(maker: Maker, i: number): StoryQuestion | undefined {
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

function whatIf(maker: Maker, i: number): StoryQuestion {
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

function inOrder(maker: Maker): StoryQuestion {
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
function infers(maker: Maker): StoryQuestion[] {
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
