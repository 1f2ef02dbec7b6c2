import { MINUTES_PER_DAY, countJumps, modulo } from '../clock'
import { drawInt, randomFrom, shuffled } from '../random'
import { type Item, type Value, durationOf, luresFor } from '../teaching'
import { sayDuration } from '../wording'
import type { Happening } from './happenings'
import { type StoryQuestion, type Maker, seedFor } from './questionKinds'

/* Questions about how long something took. */

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

export function chosen(
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

export function howLong(maker: Maker, i: number): StoryQuestion | undefined {
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
export function laterBy(maker: Maker, i: number): StoryQuestion | undefined {
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
