import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { pictureSet, wordsOfSet } from '../../scripts/pictures'
import { picturesIn } from '../../src/core/drawing'
import { NO_MARKS } from '../../src/core/stories'
import { schools } from '../../src/core/teaching'
import { pictureFor } from '../../src/server/pictures'
import { storyPrintPages, type StoryPrintWish } from '../../src/server/storyPages'

const folder = mkdtempSync(join(tmpdir(), 'story-pictures-'))

beforeAll(() => {
  mkdirSync(join(folder, 'client', 'pictures'), { recursive: true })
  const ids = new Set(pictureSet().keys())
  for (const language of ['en-GB', 'de'] as const) {
    const words = JSON.stringify(wordsOfSet(language, ids))
    writeFileSync(join(folder, 'client', 'pictures', `words-${language}.json`), words)
  }
  vi.stubEnv('RIPE_ACORN_WORKERS', folder)
})

afterAll(() => {
  vi.unstubAllEnvs()
  rmSync(folder, { recursive: true })
})

describe('a story on paper', () => {
  const wish: StoryPrintWish = {
    title: 'The bus to the lake',
    story: { language: 'en-GB', text: 'At half past nine the bus comes.', marks: NO_MARKS, questions: null, seed: 1 },
    paper: 'a4',
    wording: { language: 'en-GB', form: 'turns' },
    order: schools['turns-first'].order,
    look: 'workshop',
  }
  const shownOn = (printed: StoryPrintWish) => storyPrintPages(printed).map((page) => picturesIn([page]))

  it('has the picture that its title names, in its own language', () => {
    expect(pictureFor('The bus to the lake', 'en-GB')).toBe('u1f68c')
    expect(pictureFor('Der Bus zum See', 'de')).toBe('u1f68c')
    expect(pictureFor('A day of nothing', 'en-GB')).toBeUndefined()
  })

  it('shows it in the head of each page, and on a child’s pages the child’s', () => {
    const picture = pictureFor(wish.title, 'en-GB')
    expect(shownOn({ ...wish, picture })).toEqual([['u1f68c'], []])
    const children = [
      { name: 'Odalys', picture: 'u1f98a', rung: 'half' },
      { name: 'Bram', rung: 'half' },
    ] as const
    expect(shownOn({ ...wish, picture, children }).slice(0, 2)).toEqual([['u1f98a'], ['u1f68c']])
    expect(shownOn(wish).flat()).toEqual([])
    // Both children have the same questions: their key is printed once, and has nobody's picture.
    const [, , ...keys] = storyPrintPages({ ...wish, picture, children })
    expect(keys.length).toBe(1)
    expect(picturesIn(keys)).toEqual([])
  })
})
