import { describe, expect, it } from 'vitest'
import { LANGUAGE_IDS, say } from '../wording'
import { tokensOf } from './tokens'
import { vocabularyOf } from './vocabulary'

describe('the words of times', () => {
  it.each(LANGUAGE_IDS)('are all those that any minute of the day is said with, in %s', (language) => {
    const words = vocabularyOf(language)
    const missing = new Set<string>()
    for (let minute = 0; minute < 1440; minute++)
      for (const form of ['turns', 'minutes-past'] as const) {
        const said = say(minute, { language, form, options: { dayHalf: minute % 60 === 0 } })
        for (const { plain } of tokensOf(said)) if (!words.has(plain)) missing.add(plain)
      }
    expect([...missing]).toEqual([])
    // No word of a story beside its times.
    expect(['ferry', 'bread'].filter((word) => words.has(word))).toEqual([])
  })
})
