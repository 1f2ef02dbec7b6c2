import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { RefusedValue } from '../errors'
import { randomFrom } from '../random'
import {
  fillTurns,
  leastTurns,
  playTime,
  playersTurns,
  refilledTurns,
  secondsATurnAt,
  simulateFill,
  simulateTurns,
  sizesFor,
  endingStretches,
} from '.'

const die = (cells: number) => ({ chances: [1, 1, 1, 1, 1, 1], cells: Array.from({ length: 6 }, () => cells) })

describe('turns to fill a mat', () => {
  it.each([
    [1, 14.7],
    [2, 24.13],
    [3, 32.68],
    [4, 40.79],
  ])('six faces with %i cells each take %f rolls on the average', (cells, mean) => {
    expect(fillTurns(die(cells)).mean).toBeCloseTo(mean, 2)
  })

  it('follow laws that are known: one kind of certain chance, and the coupons of two', () => {
    expect(fillTurns({ chances: [3], cells: [4] }).mean).toBeCloseTo(4, 9)
    // One cell at chance 1/4: geometric, mean 4, and P(over after t) = 1 − (3/4)^t.
    const geometric = fillTurns({ chances: [1, 3], cells: [1, 0] })
    expect(geometric.mean).toBeCloseTo(4, 6)
    expect(geometric.over[3]).toBeCloseTo(1 - 0.75 ** 3, 12)
    // Two coupons: 1 + 2 turns.
    expect(fillTurns({ chances: [1, 1], cells: [1, 1] }).mean).toBeCloseTo(3, 6)
    // Weighted, 1/3 and 2/3: 1/p + 1/q − 1 = 3 + 1.5 − 1.
    expect(fillTurns({ chances: [1, 2], cells: [1, 1] }).mean).toBeCloseTo(3.5, 6)
  })

  it('agree with simulated games within four standard errors', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 0, max: 3 })), {
          minLength: 2,
          maxLength: 8,
        }),
        fc.nat(),
        (kinds, seed) => {
          const fill = {
            chances: kinds.map(([chance]) => chance),
            cells: kinds.map(([, cells], i) => (i === 0 ? 1 : cells)),
          }
          const simulated = simulateTurns(randomFrom(seed), 4000, (random) =>
            simulateFill(random, fill, { squash: false }),
          )
          expect(Math.abs(fillTurns(fill).mean - simulated.mean)).toBeLessThan(4 * simulated.error + 1e-9)
        },
      ),
      // A bound that holds by chance: so the same draws each time.
      { numRuns: 15, seed: 11 },
    )
  })

  it('are as exact with a rare kind, where most of the chances that are carried on are next to nothing', () => {
    // Two coupons, one very rare: 1/p + 1/q − 1.
    for (const rare of [2, 10, 50, 90]) {
      const [p, q] = [1 / (1 + rare), rare / (1 + rare)]
      const turns = fillTurns({ chances: [1, rare], cells: [1, 1] })
      expect(turns.mean).toBeCloseTo(1 / p + 1 / q - 1, 5)
      // P(over after t) = 1 − p^t − q^t.
      for (const t of [1, 5, 40, 200].filter((each) => each < turns.over.length))
        expect(turns.over[t]).toBeCloseTo(1 - p ** t - q ** t, 11)
    }
  })

  it('have a least at the 95 % point, whoever has which mat', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 10 }), fc.integer({ min: 1, max: 3 })), {
          minLength: 1,
          maxLength: 7,
        }),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 0, max: 1 }),
        (kinds, players, refills) => {
          const fill = { chances: kinds.map(([chance]) => chance), cells: kinds.map(([, cells]) => cells) }
          const one = refilledTurns(fillTurns(fill), refills)
          const least = leastTurns(fill) * (refills + 1)
          for (const turns of [one, playersTurns(one, players, 'first-full'), playersTurns(one, players, 'all-full')])
            expect(turns.quantile(0.95)).toBeGreaterThanOrEqual(least - 1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('have that least worked out: a turn for each cell, and cells by chance for the rarest kind', () => {
    // Two cells at chance 1/4 take 8 turns on the average.
    expect(leastTurns({ chances: [1, 3], cells: [2, 1] })).toBe(7)
    // Seven cells at chance 5/6 take 8.4.
    expect(leastTurns({ chances: [5, 1], cells: [7, 0] })).toBeCloseTo(7.4, 9)
    expect(leastTurns({ chances: [1, 1], cells: [1, 1] })).toBe(2)
  })

  it('end with the first turn after which the game is all but surely over', () => {
    const { over } = fillTurns(die(2))
    expect(over.at(-1)).toBeGreaterThan(1 - 1e-9)
    expect(over.at(-2)).toBeLessThanOrEqual(1 - 1e-9)
    expect(over.findIndex((chance) => chance > 0)).toBe(12)
  })

  it('are at least the cells, grow with them, and their quantiles rise', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 2, maxLength: 7 }), (cells) => {
        const turns = fillTurns({ chances: cells.map(() => 1), cells })
        const sum = cells.reduce((total, each) => total + each, 0)
        expect(turns.mean).toBeGreaterThanOrEqual(sum)
        expect(turns.over.slice(0, sum).every((chance) => chance === 0)).toBe(true)
        for (let t = 1; t < turns.over.length; t++)
          expect(turns.over[t]).toBeGreaterThanOrEqual((turns.over[t - 1] ?? 0) - 1e-12)
        expect(turns.quantile(0.05)).toBeLessThanOrEqual(turns.quantile(0.5))
        expect(fillTurns({ chances: cells.map(() => 1), cells: cells.map((each) => each + 1) }).mean).toBeGreaterThan(
          turns.mean,
        )
      }),
      { numRuns: 25 },
    )
  })

  it.each([
    [{ chances: [], cells: [] }, /cells/],
    [{ chances: [1, 0], cells: [1, 1] }, /chances\[1\] must be above 0/],
    [{ chances: [1, -1], cells: [1, 1] }, /chances\[1\]/],
    [{ chances: [1, 1], cells: [0, 0] }, /at least one cell/],
    [{ chances: [1, 1], cells: [1] }, /one count for each of the 2/],
    [{ chances: [1], cells: [1.5] }, /cells\[0\]/],
    [{ chances: [1, 1e9], cells: [1, 0] }, /filled within/],
  ])('are refused for a mat that cannot be: %j', (fill, message) => {
    expect(() => fillTurns(fill)).toThrow(RefusedValue)
    expect(() => fillTurns(fill)).toThrow(message)
  })
})

describe('several players', () => {
  it('are over sooner by the first full mat than by all, and alone it is the same', () => {
    const one = fillTurns(die(2))
    expect(playersTurns(one, 1, 'all-full').mean).toBeCloseTo(one.mean, 6)
    const first = playersTurns(one, 3, 'first-full').mean
    const all = playersTurns(one, 3, 'all-full').mean
    expect(first).toBeLessThan(3 * one.mean)
    expect(all).toBeGreaterThan(3 * one.mean)
    expect(() => playersTurns(one, 0, 'all-full')).toThrow(/players/)
  })

  it('agree with simulated games in rotation', () => {
    const fill = die(1)
    const exact = playersTurns(fillTurns(fill), 3, 'first-full').mean
    // The player who is first full, the earlier in the rotation, ends it.
    const simulated = simulateTurns(randomFrom(5), 6000, (random) => {
      const rounds = [0, 1, 2].map(() => simulateFill(random, fill, { squash: false }))
      return Math.min(...rounds.map((round, player) => (round - 1) * 3 + player + 1))
    })
    expect(Math.abs(exact - simulated.mean)).toBeLessThan(4 * simulated.error)
  })
})

describe('a mat that is cleared and filled anew', () => {
  it('takes as many times as long on the average, and less than that at its edges', () => {
    const one = fillTurns(die(1))
    expect(refilledTurns(one, 0).mean).toBeCloseTo(one.mean, 6)
    const three = refilledTurns(one, 2)
    expect(three.mean).toBeCloseTo(3 * one.mean, 4)
    // The sum of independent games spreads less than one game taken three times.
    expect(three.quantile(0.95)).toBeLessThan(3 * one.quantile(0.95))
    expect(three.quantile(0.05)).toBeGreaterThan(3 * one.quantile(0.05))
    expect(() => refilledTurns(one, 5)).toThrow(/refills must be a whole number from 0 to 4/)
  })

  it('agrees with simulated games', () => {
    const fill = { chances: [1, 2, 1], cells: [2, 1, 0] }
    const exact = refilledTurns(fillTurns(fill), 1)
    const simulated = simulateTurns(
      randomFrom(3),
      8000,
      (random) => simulateFill(random, fill, { squash: false }) + simulateFill(random, fill, { squash: false }),
    )
    expect(Math.abs(exact.mean - simulated.mean)).toBeLessThan(3 * simulated.error)
    for (const share of [0.1, 0.5, 0.9])
      expect(Math.abs(exact.quantile(share) - simulated.quantile(share))).toBeLessThanOrEqual(1)
  })
})

describe('minutes', () => {
  it('are the turns at so many seconds each', () => {
    const turns = fillTurns(die(1))
    const time = playTime(turns, 20)
    expect(time.mean).toBeCloseTo((14.7 * 20) / 60, 2)
    expect(time.least).toBeLessThan(time.median)
    expect(time.median).toBeLessThan(time.most)
    for (const seconds of [0, -1, NaN, 601]) expect(() => playTime(turns, seconds)).toThrow(/seconds a turn/)
    expect(secondsATurnAt(30)).toBe(10)
  })

  it('a face without a cell has nothing to squash: the turn is lost', () => {
    // One cell at chance 1/2 takes two turns on the average, whatever becomes of the others.
    const bare = simulateTurns(randomFrom(4), 4000, (random) =>
      simulateFill(random, { chances: [1, 1], cells: [0, 1] }, { squash: true }),
    )
    expect(Math.abs(bare.mean - 2)).toBeLessThan(4 * bare.error)
  })

  it('squashing makes a game longer', () => {
    const play = (squash: boolean) =>
      simulateTurns(randomFrom(9), 2000, (random) => simulateFill(random, die(1), { squash })).mean
    expect(play(true)).toBeGreaterThan(play(false) * 1.3)
  })
})

describe('sizes of a game for the minutes there are', () => {
  const sizes = [1, 2, 3, 4].map((cells) => ({ kinds: 6, cells }))
  const fitting = (minutes: number, players = 1, secondsATurn = 20) =>
    sizesFor(
      { minutes, players, secondsATurn },
      sizes,
      ({ cells }, many) => playersTurns(fillTurns(die(cells)), many, 'first-full'),
      ({ cells }) => leastTurns(die(cells)),
    )

  it('end within them and a quarter more, the best first: whose median is nearest to four fifths of them', () => {
    // Means of 14.7, 24.1, 32.7 and 40.8 turns are about 5, 8, 11 and 14 minutes.
    expect(fitting(11).map(({ cells }) => cells)).toEqual([2, 1])
    expect(fitting(18).map(({ cells }) => cells)).toEqual([4, 3, 2, 1])
    // Four cells each may take 20 minutes: more than 15 and a quarter.
    expect(fitting(15).map(({ cells }) => cells)).toEqual([3, 2, 1])
    for (const { time } of fitting(12)) expect(time.most).toBeLessThanOrEqual(15)
    expect(fitting(1)).toEqual([])
  })

  it('take longer with more players', () => {
    expect(fitting(18, 3).length).toBeLessThan(fitting(18).length)
  })

  it.each([0, -1, 121, NaN])('are refused for %d minutes', (minutes) => {
    expect(() => fitting(minutes)).toThrow(/minutes must be above 0 and at most 120/)
  })

  it('are known for 120 minutes, and refused for players or seconds that cannot be', () => {
    expect(fitting(120)).toHaveLength(4)
    expect(() => fitting(10, 0)).toThrow(/players/)
    expect(() => fitting(10, 1, 0)).toThrow(/seconds a turn/)
  })
})

describe('when a game ends', () => {
  const turns = fillTurns(die(3))

  it('is told in stretches whose chances, taken together, are nearly all there are', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 5, max: 60 }), (count, seconds) => {
        const { stretches, lastMinutes } = endingStretches(turns, seconds, count)
        expect(stretches).toHaveLength(count)
        const all = stretches.reduce((sum, { percent }) => sum + percent, 0)
        expect(all).toBeGreaterThanOrEqual(99.5)
        expect(all).toBeLessThanOrEqual(100 + 1e-6)
        expect(lastMinutes).toBeCloseTo((turns.quantile(0.995) * seconds) / 60, 9)
      }),
    )
  })

  it('is usual between the 5 and the 95 % point, and nowhere else', () => {
    const { stretches } = endingStretches(turns, 60, 200)
    // At a minute a turn and a turn a stretch, stretch i ends with turn i + 1.
    const usual = stretches.flatMap(({ isUsual }, i) => (isUsual ? [i + 1] : []))
    expect(usual[0]).toBe(turns.quantile(0.05))
    expect(usual.at(-1)).toBe(turns.quantile(0.95))
    expect(stretches[3]?.fromMinutes).toBe(3)
  })
})
