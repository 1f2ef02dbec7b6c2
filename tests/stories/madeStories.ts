import { STORY_NAMES, type StoryQuestion, makeStory, marksOf, storyQuestions, storyTimes } from '../../src/core/stories'
import { draw, drawInt, randomFrom, shuffled } from '../../src/core/random'
import { rungs, schools } from '../../src/core/teaching'
import { LANGUAGE_IDS, type LanguageId, parseDuration, parseTime } from '../../src/core/wording'

/* Reads made stories and their questions back: every time is worked out again from its words by plain arithmetic. */

/** A story with anything that can be wished for it. */
export function drawnStory(seed: number) {
  const random = randomFrom(seed)
  const language = draw(random, LANGUAGE_IDS)
  const wording = { language, form: draw(random, ['turns', 'minutes-past', 'digital'] as const) }
  const rung = draw(random, rungs).id
  const names = shuffled(random, STORY_NAMES).slice(0, drawInt(random, 1, 4))
  const rows = Array.from({ length: 7 }, (_, i) => ({
    minute: 480 + i * 95 + drawInt(random, 0, 12) * 5,
    what: `Doing ${i}`,
  }))
  const isOwn = drawInt(random, 0, 3) === 0
  const story = makeStory({ rung, wording, names, count: drawInt(random, 3, 6), seed, ...(isOwn && { rows }) })
  return { story, language, wording, order: schools['turns-first'].order, seed }
}

type Drawn = ReturnType<typeof drawnStory>

export function problemsOfStory(drawn: Drawn): string[] {
  const { story, language, wording, order, seed } = drawn
  const problems: string[] = []
  const expect = (holds: boolean, what: string) => void (holds || problems.push(what))
  const { events, text } = story
  expectTold(drawn, expect)
  const times = storyTimes(text, language, marksOf(story, language))
  expect(
    times.map(({ at }) => at % 1440).join() === events.map(({ minute }) => minute).join(),
    `times ${times.map(({ text: words, at }) => `${words} ${at}`).join(', ')} instead of ${events.map(({ minute }) => minute).join()}`,
  )
  if (problems.length > 0) return problems
  const minuteOf = (key: string) => times.find((time) => time.key === key)?.at ?? NaN
  for (const question of storyQuestions({ text, times, wording, order, seed }))
    checkQuestion(question, { minuteOf, minutes: events.map(({ minute }) => minute), language }, (holds, what) =>
      expect(holds, `${question.kind}: ${what} in “${question.says}” ${question.choices.join(' / ')}`),
    )
  return problems
}

type Expect = (holds: boolean, what: string) => void

/** The words of each time stand in the text in their order, say its minute, and go on in the day. */
function expectTold({ story: { text, events }, language }: Drawn, expect: Expect): void {
  let from = 0
  events.forEach(({ words, minute, told }, i) => {
    const at = text.indexOf(words, from)
    expect(at >= 0, `“${words}” is not in the text`)
    from = at + words.length
    const before = events[i - 1]?.minute ?? -1
    expect(minute > before, `${minute} after ${before}`)
    if (told === 'time')
      expect(
        parseTime(words, language)?.minute === minute || (parseTime(words, language)?.minute ?? -1) === minute % 720,
        `“${words}” for ${minute}`,
      )
    else expect(laterIn(words, language) === minute - before, `“${words}” from ${before} to ${minute}`)
  })
  expect(/^[\p{Lu}¿¡]/u.test(text) && /\.$/.test(text) && !/\.\.| {2}|,,/.test(text), `“${text}” is not tidy`)
}

const AFTER = /,? (?:later|später|plus tard|después)$/

function laterIn(words: string, language: LanguageId): number | undefined {
  const length = parseDuration(words.replace(AFTER, '').toLowerCase(), language)
  return length && length.hours * 60 + length.minutes
}

interface Known {
  readonly minuteOf: (key: string) => number
  readonly minutes: readonly number[]
  readonly language: LanguageId
}

const lengthIn = (text: string) =>
  [...text.matchAll(/(\d+) (h|min)/g)].reduce((sum, [, n, unit]) => sum + Number(n) * (unit === 'h' ? 60 : 1), 0)

/** The keys of a question's times: "words#0", parted by colons; figures have colons of their own. */
const keysOf = (id: string) =>
  [...id.slice(id.indexOf(':') + 1).matchAll(/(.+?#\d+)(?::|$)/g)].map(([, key]) => key ?? '')

function checkQuestion(question: StoryQuestion, known: Known, expect: Expect): void {
  const { kind, clocks, choices, right, values, item, says } = question
  const [a = NaN, b = NaN] = keysOf(question.id).map(known.minuteOf)
  const only = (matches: readonly boolean[]) => {
    expect(matches.filter(Boolean).length === 1, `${matches.filter(Boolean).length} answers are right`)
    expect(matches.indexOf(true) === right[0], `${right[0]} is taken for right instead of ${matches.indexOf(true)}`)
  }
  expect(new Set(choices).size === choices.length, 'two choices are alike')
  expect(values.length === (clocks ?? choices).length, 'a choice has no value')
  const isAnswer = (i: number) => JSON.stringify(values[i]) === JSON.stringify(item.answer)
  // The records work out again what is right, from the value alone: just one choice may have that of the answer (a
  // wrong order is kept in words).
  if (kind !== 'set-clock' && kind !== 'order')
    expect(values.filter((_, i) => isAnswer(i)).length === 1, 'two choices are kept as right')
  switch (kind) {
    case 'which-clock':
      expect(clocks?.length === 4 && new Set(clocks).size === 4, `clocks ${clocks?.join()}`)
      only((clocks ?? []).map((minute) => minute === a % 720))
      return expect(isAnswer(right[0] ?? -1), 'the value is another')
    case 'set-clock':
      return expect(item.answer.kind === 'time' && item.answer.minute === a % 720, 'the hands are set elsewhere')
    case 'how-long':
      expect(b > a, 'the story goes back')
      only(choices.map((choice) => lengthIn(choice) === b - a))
      return expect(isAnswer(right[0] ?? -1), 'the value is another')
    case 'later-by':
      // The later one is quoted first or second: the one that is told of the later time.
      expect(choices.length >= 2 && isAnswer(right[0] ?? -1), 'the right choice is kept as wrong')
      return expect(lengthIn(choices[right[0] ?? -1] ?? '') === b - a, 'the length is another')
    case 'between': {
      const within = values.map(
        (value) =>
          value.kind === 'time' &&
          known.minutes.some((minute) => minute % 720 === value.minute && minute > a && minute < b),
      )
      return only(within)
    }
    case 'order': {
      const ordered = right.map((at) => values[at]).map((value) => (value?.kind === 'time' ? value.minute : NaN))
      const due = keysOf(question.id)
        .map(known.minuteOf)
        .sort((one, other) => one - other)
        .map((minute) => minute % 720)
      expect(new Set(right).size === choices.length, 'a choice is left out')
      return expect(ordered.join() === due.join(), `ordered ${ordered.join()} instead of ${due.join()}`)
    }
    case 'what-if': {
      const by = Number(/(\d+)$/.exec(question.id)?.[1])
      only(choices.map((choice) => (parseTime(choice, known.language)?.minute ?? NaN) % 720 === (a + by) % 720))
      return expect(says.length > 10, 'nothing is asked')
    }
    case 'infer': {
      const isWithin = (choice: string) => {
        const said = (parseTime(choice, known.language)?.minute ?? NaN) % 720
        return [0, 720, 1440].some((turn) => said + turn > a && said + turn < b)
      }
      return only(choices.map(isWithin))
    }
  }
}
