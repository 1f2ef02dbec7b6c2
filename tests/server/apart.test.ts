import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { printApart, readTableApart, readWorkspaceApart } from '../../src/server/apart/apart'
import { MOST_DEPTH, MOST_PARTS, boundedJson, fileInZip } from '../../src/server/data/bounded'
import { Problem } from '../../src/server/problem'
import { problemOf } from './keptData'
import './ownData'

/* Files that hold more than a machine has room or time for, and work that nobody waits for any more. */

const MB = 1024 * 1024
const repeated = (text: string, bytes: number) => Buffer.alloc(bytes, text)

/** A zip that is small and holds more than may be unpacked. */
const swollen = lazily(() => zipSync({ 'workspace.json': [repeated(' ', 129 * MB), { level: 1 }] }))

function lazily<T>(make: () => T): () => T {
  let made: T | undefined
  return () => (made ??= make())
}

describe('a file from elsewhere', () => {
  const hostile: [string, () => Uint8Array, RegExp][] = [
    ['lists in lists', () => repeated('[', 60 * MB), /more than 32 levels deep/],
    ['things in things', () => repeated('{"a":', 20 * MB), /more than 32 levels deep/],
    ['many small parts', () => repeated('[],', 40 * MB), /more than 10 million parts/],
    ['a zip of spaces', swollen, /more than 128 MB/],
    ['a text that never ends', () => repeated('"', 1 * MB + 1), /neither a zip nor JSON/],
    ['half a zip', () => zipSync({ 'workspace.json': strToU8('{"a":1}'.repeat(9999)) }).slice(0, 90), /damaged/],
  ]
  it.each(hostile)('of %s is refused with its limit', async (_name, bytes, words) => {
    expect(await problemOf(readWorkspaceApart(bytes()))).toMatch(words)
  })

  it('is measured by what its zip really holds, not by what it says', () => {
    const zip = swollen().slice()
    // The sizes in its heads say a few bytes, as one that is made to deceive would.
    for (let at = 0; at + 30 < zip.length; at++) {
      const head = zip[at] === 0x50 && zip[at + 1] === 0x4b
      if (head && zip[at + 2] === 3) zip.set([9, 0, 0, 0], at + 22)
      if (head && zip[at + 2] === 1) zip.set([9, 0, 0, 0], at + 24)
    }
    expect(() => fileInZip(zip, 'workspace.json')).toThrow(/more than 128 MB/)
  })

  it('may be as deep and as rich as the limits say, and no more', () => {
    const deep = (levels: number) => strToU8('['.repeat(levels) + ']'.repeat(levels))
    expect(boundedJson(deep(MOST_DEPTH))).toHaveLength(2 * MOST_DEPTH)
    expect(() => boundedJson(deep(MOST_DEPTH + 1))).toThrow(Problem)
    // What stands in a text is no part of the file, behind an escaped quote neither.
    expect(boundedJson(strToU8(`["${'['.repeat(99)}\\"${',{'.repeat(99)}"]`))).toBeDefined()
    expect(() => boundedJson(repeated(',', MOST_PARTS + 1))).toThrow(/10 million parts/)
  })

  it('with a table of children has a limit of letters and lines', async () => {
    expect(await problemOf(readTableApart(repeated('"', 300_000)))).toMatch(/at most 200000 letters, not 300000/)
    expect(await problemOf(readTableApart(repeated('a,5\n', 4 * 501)))).toMatch(/at most 500 lines, not 501/)
    expect(await readTableApart(strToU8('\uFEFFname;age\nElka;6\n'))).toEqual([
      ['name', 'age'],
      ['Elka', '6'],
    ])
  })

  it('lets others have their turn while it is read', async () => {
    let turns = 0
    const timer = setInterval(() => turns++, 1)
    await readWorkspaceApart(repeated('[],', 40 * MB)).catch(() => undefined)
    clearInterval(timer)
    expect(turns).toBeGreaterThan(5)
  })
})

describe('work of its own', () => {
  const wish = { title: 'a', things: [], children: [] } as never

  it('is given up when nobody waits for it', async () => {
    const leaving = new AbortController()
    const made = printApart({ of: 'day', wish, title: 'a' }, leaving.signal)
    leaving.abort()
    await expect(made).rejects.toMatchObject({ status: 499 })
    await expect(printApart({ of: 'day', wish, title: 'a' }, leaving.signal)).rejects.toMatchObject({ status: 499 })
  })
})
