import { NO_MARKS, SHELF, findTimes, storyTimes } from '../src/core/stories'

/*
 * What a keystroke costs in a story of 2,000 words: all its times are found again. Beside it, only taking the text
 * apart into words.
 */

const WORDS = 2000
const TYPED = 60

const shelf = SHELF.map(({ told }) => told.en.text).join(' ')
const words = Array.from({ length: Math.ceil(WORDS / shelf.split(' ').length) }, () => shelf)
  .join(' ')
  .split(' ')
const text = words.slice(0, WORDS).join(' ')

function median(work: (typed: string) => unknown): number {
  const times = Array.from({ length: TYPED }, (_, i) => {
    const typed = `${text.slice(0, 300)}${'x'.repeat(i)}${text.slice(300)}`
    const started = performance.now()
    work(typed)
    return performance.now() - started
  })
  return times.sort((a, b) => a - b)[Math.floor(TYPED / 2)] ?? NaN
}

median((typed) => findTimes(typed, 'en-GB'))
const raw = median((typed) => [...typed.matchAll(/\p{L}+|\d+/gu)].map(([word]) => word.toLowerCase().normalize('NFD')))
for (const [name, work] of [
  ['finding the times', (typed: string) => findTimes(typed, 'en-GB')],
  ['and putting them on the timeline', (typed: string) => storyTimes(typed, 'en-GB', NO_MARKS)],
] as const) {
  const ms = median(work)
  console.log(
    `${name}: ${ms.toFixed(1)} ms at the median, ${(ms / raw).toFixed(1)} times taking the words apart (${raw.toFixed(1)} ms)`,
  )
}
