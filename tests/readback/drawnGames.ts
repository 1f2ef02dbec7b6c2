import { type GameId, type GameOptions, type Timeline, USUAL_GAME, games, makeTimeline } from '../../src/core/movement'
import type { DayRow } from '../../src/core/days'
import { type Random, draw, drawInt, randomFrom, shuffled } from '../../src/core/random'
import { rungs } from '../../src/core/teaching'
import { LANGUAGE_IDS } from '../../src/core/wording'

/** A game with any options that an adult can choose. */
export function drawnGame(id: GameId, seed: number): { timeline: Timeline; options: GameOptions } {
  const random = randomFrom(seed)
  const maybe = <T>(value: T): T | undefined => (drawInt(random, 0, 2) === 0 ? undefined : value)
  const options: GameOptions = {
    ...USUAL_GAME,
    rung: draw(random, rungs).id,
    wording: {
      language: draw(random, LANGUAGE_IDS),
      form: draw(random, ['turns', 'minutes-past', 'digital', 'day-24'] as const),
    },
    minutes: drawInt(random, 2, 15),
    children: drawInt(random, games[id].leastChildren, 30),
    age: maybe(drawInt(random, 3, 11)),
    isSeated: drawInt(random, 0, 3) === 0,
    harder: drawInt(random, -2, 2),
    lapMetres: draw(random, [1, 2, 3, 4, 5, 8]),
    think: draw(random, [15, 25, 40, 'none'] as const),
    wrong: draw(random, ['everyone', 'again'] as const),
    facing: draw(random, ['twelve', 'six'] as const),
    names: drawInt(random, 0, 1) === 0 ? [] : ['Juniper', 'Tavi', 'Odalys'],
    weights: drawInt(random, 0, 1) === 0 ? {} : { 'next-hour': 6 },
    ...(id === 'jump-the-day' && drawInt(random, 0, 1) === 0 && { day: ownDay(random) }),
  }
  return { timeline: makeTimeline(id, options, seed), options }
}

/** A group's own day, no two things at the same place on the dial. */
function ownDay(random: Random): DayRow[] {
  const times = shuffled(
    random,
    Array.from({ length: 144 }, (_, i) => i * 5),
  ).slice(0, drawInt(random, 2, 14))
  return times
    .map((dial) => dial + 720 * drawInt(random, 0, 1))
    .sort((a, b) => a - b)
    .map((minute, i) => ({ minute, what: `Doing ${i}` }))
}
