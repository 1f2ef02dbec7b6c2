import { happeningsOf } from './happenings'
import { storyWords } from './words'
import type { StoryQuestion, QuestionsWish, Maker } from './questionKinds'
import { whichClock, setClock } from './clockQuestions'
import { howLong, laterBy } from './lengthQuestions'
import { between, whatIf, inOrder } from './orderQuestions'
import { infers } from './infers'

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
