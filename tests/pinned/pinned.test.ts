import { describe, expect, it } from 'vitest'
import kept from './kept.json'
import { PRINTS_MADE } from '../../src/core/printables'
import { PINNED_NAMES, pinnedNow } from './made'

/*
 * Kept prints must come out again as they were, so whatever is made of the same wish stays the same. Where a change is
 * meant: `npm run pin`, and PRINTS_MADE raised where pages are among it, with the reason in the commit.
 */
describe('what is made of the same wish', () => {
  it('is pinned for everything, with the number of the prints that it belongs to', () => {
    expect(Object.keys(kept.of)).toEqual(PINNED_NAMES)
    expect(kept.printsMade).toBe(PRINTS_MADE)
  })

  it.each(PINNED_NAMES)('is as it was: %s', (name) => {
    expect(pinnedNow(name)).toBe((kept.of as Readonly<Record<string, string>>)[name])
  })

  it('differs between things', () => {
    expect(new Set(Object.values(kept.of)).size).toBe(PINNED_NAMES.length)
  })
})
