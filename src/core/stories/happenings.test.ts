import { describe, expect, it } from 'vitest'
import { happeningsOf } from './happenings'
import { NO_MARKS, storyTimes } from '.'

const quotes = (text: string) => happeningsOf(text, storyTimes(text, 'en-GB', NO_MARKS)).map(({ quote }) => quote)

describe('what happens at a time', () => {
  it('is its sentence, with every time in it left out', () => {
    expect(quotes('The lock opened at nine o’clock. Bram waved.')).toEqual(['The lock opened at ….'])
    expect(quotes('From 9:10 they baked bread until half past ten, and rested.')).toEqual([
      'From … they baked bread until …, and rested.',
      'From … they baked bread until …, and rested.',
    ])
  })

  it('is the next sentence where its own says nothing, unless that has a time itself', () => {
    expect(quotes('It is ten past nine. The kingfisher comes down the river.')).toEqual([
      'The kingfisher comes down the river.',
    ])
    expect(quotes('It is ten past nine. The boat leaves at half past nine.')).toEqual([
      'It is ….',
      'The boat leaves at ….',
    ])
    expect(quotes('It is ten past nine.')).toEqual(['It is ….'])
    // Ten letters beside the time are enough, nine are not.
    expect(quotes('At nine o’clock he slept. They all went home again.')).toEqual(['They all went home again.'])
    expect(quotes('At nine o’clock it rained. They all went home again.')).toEqual(['At … it rained.'])
  })

  it('has 80 letters at most, in one line', () => {
    const long = `At nine o’clock the lock\n opened, ${'and the boats went through '.repeat(4)}.`
    const [quote = ''] = quotes(long.replace('\n', ' '))
    expect(quote.length).toBeLessThanOrEqual(80)
    expect(quote.length).toBeGreaterThan(70)
    expect(quote).toMatch(/^At … the lock opened, and the boats went through .*…$/)
  })

  it('belongs to its time', () => {
    const text = 'At nine o’clock the lock opened. At noon it rained for an hour.'
    const times = storyTimes(text, 'en-GB', NO_MARKS)
    expect(happeningsOf(text, times).map(({ key, at }) => [key, at])).toEqual(times.map(({ key, at }) => [key, at]))
  })
})
