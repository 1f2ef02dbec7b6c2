import { inEnglish } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rungsOf } from '../../../tests/readback/prints'
import { playTime } from '../chance'
import { randomFrom, shuffled } from '../random'
import { boardsOf, boardsWish } from './kit/boards'
import {
  type GameRules,
  MATS,
  type Mats,
  type PrintOptions,
  type Printable,
  USUAL_RULES,
  aboutMinutes,
  countsOn,
  gameTurns,
  isExact,
  piecesOn,
  printables,
  simulatedTurns,
  sizesOf,
} from '.'

const toss = printables['toss-and-fill']
const usual = (printable: Printable): PrintOptions => {
  const rung = printable.suits('half') ? 'half' : (rungsOf(printable)[0] ?? 'half')
  return { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung, count: countsOn(printable, rung).usual }
}
const games = Object.values(printables).filter(({ fill, play }) => fill ?? play)

describe('how long a game lasts', () => {
  it('is the exact value of six faces with 1, 2, 3 and 4 cells', () => {
    const mean = (cells: number) => gameTurns(toss, { ...usual(toss), cells }, 3).mean
    expect([1, 2, 3, 4].map((cells) => Math.round(mean(cells) * 100) / 100)).toEqual([14.7, 24.13, 32.68, 40.79])
  })

  it('agrees with simulated games within three standard errors, however the mats are shared and refilled', () => {
    const draws = fc.sample(
      fc.record({
        mats: fc.constantFrom(...(Object.keys(MATS) as Mats[])),
        refills: fc.integer({ min: 0, max: 2 }),
        sectors: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 4, maxLength: 7 }),
        players: fc.integer({ min: 1, max: 4 }),
        cells: fc.integer({ min: 1, max: 2 }),
      }),
      { numRuns: 60, seed: 17 },
    )
    // How many standard errors the simulated mean lies off the exact one, each draw with games of its own.
    const off = draws.map(({ mats, refills, sectors, players, cells }, draw) => {
      const twirl = printables['twirl-and-fill']
      const options = { ...usual(twirl), count: sectors.length, sectors, cells }
      const rules = { mats, refills, squash: false }
      const simulated = simulatedTurns(twirl, options, { players, rules, games: 2000, seed: 7919 * (draw + 1) })
      return (gameTurns(twirl, options, players, rules).mean - simulated.mean) / simulated.error
    })
    const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
    expect(Math.max(...off.map(Math.abs))).toBeLessThan(3)
    // A bias too small to be seen in one draw shows in all of them together: they are spread about 0 by 1.
    expect(Math.abs(mean(off))).toBeLessThan(3 / Math.sqrt(off.length))
    expect(mean(off.map((value) => value ** 2))).toBeLessThan(1.6)
  })

  it('takes a piece for each cell of the mat, each refill anew; none where there is no mat', () => {
    const pieces = (refills: number) => piecesOn(toss, { ...usual(toss), cells: 2 }, { ...USUAL_RULES, refills })
    // A die has six faces.
    expect([0, 1, 2].map(pieces)).toEqual([12, 24, 36])
    const bare = Object.values(printables).find(({ fill }) => !fill)
    expect(bare && piecesOn(bare, usual(bare), USUAL_RULES)).toBe(0)
  })

  it('is worked out where it can be, and longer with squashing, which cannot', () => {
    const squash: GameRules = { ...USUAL_RULES, squash: true }
    expect([isExact(toss, USUAL_RULES), isExact(toss, squash), isExact(printables.bingo, USUAL_RULES)]).toEqual([
      true,
      false,
      false,
    ])
    const options = { ...usual(toss), cells: 1 }
    const squashed = simulatedTurns(toss, options, { players: 3, rules: squash, games: 3000, seed: 1 })
    expect(squashed.mean - 3 * squashed.error).toBeGreaterThan(gameTurns(toss, options, 3).mean)
    expect(() => gameTurns(toss, options, 3, squash)).toThrow(/without squashing/)
    expect(() => gameTurns(printables['read-dials'], options, 3)).toThrow(/printable must be a game on a mat/)
    expect(() =>
      simulatedTurns(printables['read-dials'], usual(printables['read-dials']), {
        players: 3,
        rules: USUAL_RULES,
        games: 100,
        seed: 1,
      }),
    ).toThrow(/printable must be a game, not read-dials/)
    for (const players of [0, -1, 1.5, 61])
      expect(() => gameTurns(toss, options, players)).toThrow(/players must be a whole number from 1 to 60/)
  })

  it.each(games)('can be told, and ends: $name', (game) => {
    const options = usual(game)
    const turns = simulatedTurns(game, options, { players: 3, rules: USUAL_RULES, games: 300, seed: 2 })
    expect(turns.over.at(-1)).toBeCloseTo(1, 9)
    const time = playTime(turns, 20)
    expect(time.least).toBeLessThanOrEqual(time.median)
    expect(time.median).toBeLessThanOrEqual(time.most)
    expect(time.mean).toBeGreaterThan(0.5)
    expect(aboutMinutes(game, options, 3, 20)).toBeGreaterThan(0.5)
  })

  it('is found by the minutes that half of its games last', () => {
    const options = usual(toss)
    expect(aboutMinutes(toss, options, 3, 20)).toBe(playTime(gameTurns(toss, options, 3), 20).median)
  })

  it('counts each card of a loop once, and a pair of the turned-up game at least once', () => {
    const loop = printables['loop-cards']
    expect(
      simulatedTurns(loop, { ...usual(loop), count: 11 }, { players: 3, rules: USUAL_RULES, games: 50, seed: 1 }),
    ).toMatchObject({
      mean: 11,
      error: 0,
    })
    const pairs = printables['memory-pairs']
    expect(
      simulatedTurns(
        pairs,
        { ...usual(pairs), count: 6 },
        { players: 3, rules: USUAL_RULES, games: 400, seed: 1 },
      ).quantile(0.01),
    ).toBeGreaterThanOrEqual(6)
  })

  it('says for bingo how often two win together, as games of its own come out', () => {
    for (const [count, boards] of [
      [16, 2],
      [16, 10],
      [11, 4],
    ] as const) {
      const o = { ...usual(printables.bingo), rung: 'minute', count, boards } as const
      const told = Number(
        /in about (\d+) of 100/.exec((printables.bingo.notes?.(o, 5) ?? []).map(inEnglish).join(' '))?.[1],
      )
      const all = boardsOf(randomFrom(5), boardsWish(count, o))
      const random = randomFrom(99)
      const shared = Array.from({ length: 4000 }, () => {
        const calledAt = shuffled(random, [...Array(count).keys()])
        const full = all.map((board) => Math.max(...board.map((place) => calledAt[place] ?? 0)))
        return full.filter((at) => at === Math.min(...full)).length > 1
      }).filter(Boolean).length
      expect(Math.abs(told - (100 * shared) / 4000), `${count} calls, ${boards} boards`).toBeLessThan(5)
    }
  })
})

describe('what fits the minutes there are', () => {
  const wish = { minutes: 12, players: 3, secondsATurn: 20 }

  it('is ranked by how near its median is to four fifths of them, and never far over', () => {
    const sizes = sizesOf(printables['twirl-and-fill'], usual(printables['twirl-and-fill']), wish, 'shared')
    expect(sizes.length).toBeGreaterThan(3)
    const off = sizes.map(({ time }) => Math.abs(time.median - 9.6))
    expect(off).toEqual([...off].sort((a, b) => a - b))
    for (const { time } of sizes) expect(time.most).toBeLessThanOrEqual(15)
  })

  it('puts the size without clearing the mat before one that fits alike', () => {
    for (const minutes of [8, 12, 20, 30]) {
      const sizes = sizesOf(
        printables['twirl-and-fill'],
        usual(printables['twirl-and-fill']),
        { ...wish, minutes },
        'shared',
      )
      const offOf = (size: (typeof sizes)[number]) => Math.abs(size.time.median - 0.8 * minutes)
      for (const [i, size] of sizes.entries()) {
        const next = sizes[i + 1]
        if (next && offOf(next) === offOf(size)) expect(size.refills).toBeLessThanOrEqual(next.refills)
        if (next) expect(offOf(size)).toBeLessThanOrEqual(offOf(next))
      }
      expect(sizes.some(({ refills }) => refills === 0)).toBe(true)
    }
  })

  it('is refused for no time and for more than two hours', () => {
    const twirl = printables['twirl-and-fill']
    const within = (minutes: number) => () => sizesOf(twirl, usual(twirl), { ...wish, minutes }, 'shared')
    for (const minutes of [0, -1, 121, NaN]) expect(within(minutes), String(minutes)).toThrow(/above 0 and at most 120/)
    expect(within(120)).not.toThrow()
  })

  it('is worked out for the narrowest sector that can be printed', () => {
    const o = {
      ...usual(printables['twirl-and-fill']),
      count: 11,
      cells: 4,
      sectors: [0.9, ...Array.from({ length: 10 }, () => 10)],
    }
    expect(() => printables['twirl-and-fill'].make({ ...o, rung: 'oclock' }, 3)).not.toThrow()
    // Its last cell alone takes 4 × 100.9 ÷ 0.9 turns; the others are long filled.
    const { mean } = gameTurns(printables['twirl-and-fill'], o, 1)
    expect(mean - (4 * 100.9) / 0.9).toBeGreaterThan(0)
    expect(mean - (4 * 100.9) / 0.9).toBeLessThan(0.3)
  })

  it('leaves out nothing that fits, and is found at once for a sector that is nearly never hit', () => {
    const twirl = printables['twirl-and-fill']
    const all = (minutes: number, mats: Mats, sectors: number[]) => {
      const found = sizesOf(twirl, { ...usual(twirl), sectors }, { ...wish, minutes }, mats)
      const every = Array.from({ length: 9 }, (_, i) => i + 4).flatMap((count) =>
        [1, 2].map((cells) => ({ count, cells })),
      )
      const fitting = every.filter(
        (size) =>
          playTime(gameTurns(twirl, { ...usual(twirl), sectors, ...size }, 3, { ...USUAL_RULES, mats }), 20).most <=
          minutes * 1.25,
      )
      return {
        found: found
          .filter(({ cells, refills }) => cells <= 2 && refills === 0)
          .map(({ kinds, cells }) => `${kinds} × ${cells}`)
          .sort(),
        fitting: fitting.map(({ count, cells }) => `${count} × ${cells}`).sort(),
      }
    }
    for (const [minutes, mats] of [
      [6, 'shared'],
      [15, 'first-full'],
      [30, 'all-full'],
    ] as const) {
      const { found, fitting } = all(minutes, mats, [1, 2, 1, 3])
      expect(found).toEqual(fitting)
    }
    expect(all(12, 'shared', [1, 10, 10, 10, 10, 10])).toEqual({ found: [], fitting: [] })
  })

  it('has the time that the game then really takes', () => {
    const [best] = sizesOf(toss, usual(toss), wish, 'shared')
    if (!best) throw new Error('nothing fits')
    const turns = gameTurns(toss, { ...usual(toss), cells: best.cells }, 3, { ...USUAL_RULES, refills: best.refills })
    expect(playTime(turns, 20)).toEqual(best.time)
    expect(() => sizesOf(toss, usual(toss), { ...wish, minutes: 0 }, 'shared')).toThrow(/minutes must be above 0/)
    expect(() => sizesOf(toss, usual(toss), { ...wish, players: 0 }, 'shared')).toThrow(/players must be/)
    expect(() => sizesOf(toss, usual(toss), { ...wish, secondsATurn: 0 }, 'shared')).toThrow(
      /seconds a turn must be above 0/,
    )
  })
})
