import { describe, expect, it } from 'vitest'
import { LANGUAGE_IDS } from '../../../wording'
import { misreadings } from '..'
import { saidToChild } from '.'

describe('what is said to a child', () => {
  const ids = [undefined, ...misreadings.map(({ id }) => id)]

  it('is one sentence of its own in each language', () => {
    for (const language of LANGUAGE_IDS) {
      const said = ids.map((id) => saidToChild(id, language))
      expect(new Set(said).size, language).toBe(ids.length)
      for (const each of said) expect(each, language).toMatch(/^[¿¡\p{Lu}1].*[.?]$/u)
    }
  })

  it('is in another language than English where the group speaks one', () => {
    const english = new Set(ids.map((id) => saidToChild(id, 'en-GB')))
    for (const language of ['de', 'de-quarters', 'fr', 'es'] as const)
      for (const id of ids) expect(english.has(saidToChild(id, language))).toBe(false)
  })
})
