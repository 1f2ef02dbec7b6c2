import { told } from '../wording'
import { describe, expect, it } from 'vitest'
import { readSvg } from '../../../tests/readback/svg'
import { MATERIAL_IDS, activityOf, catalogue, tablesFor } from '../activities'
import { toSvg } from '../drawing'
import { standingOf } from '../knowing'
import { countsOn, printables, simulatedTurns, takenChoices, USUAL_RULES } from '../printables'
import { schools } from '../teaching'
import { doneWithin, fittedFor, sessionPrints } from '.'

const school = schools['turns-first']
const wording = { language: 'en-GB', form: 'turns' } as const

function usual(id: 'toss-and-fill' | 'bingo' | 'badges' | 'match-cards') {
  const printable = printables[id]
  const { usual: count } = countsOn(printable, 'quarters')
  const choices = takenChoices(printable, 'quarters', {})
  return { paper: 'a4', wording, rung: 'quarters', count, ...choices } as const
}

function printsOf(activityId: string, children: number, minutes: number, age?: number) {
  const request = {
    children: Array.from({ length: children }, (_, i) => ({
      id: `c${i}`,
      name: `Child ${i}`,
      ...(age !== undefined && i === 0 && { age }),
      standing: standingOf([], school, 0),
      findings: [],
    })),
    minutes,
    start: 570,
    place: 'table' as const,
    materials: MATERIAL_IDS,
    lastTime: [],
    school,
  }
  const steps = [{ id: 's', activityId, rung: 'quarters' as const, minutes, why: told('') }]
  return sessionPrints({ rung: 'quarters', steps }, request, { paper: 'a4', wording, lowInk: false }, 1)
}

describe('a print in a session', () => {
  it('has large cards, and a page for each board, as soon as one child is 4', () => {
    const pagesFor = (activityId: string, age: number) => printsOf(activityId, 4, 15, age).pages.length
    const [cards, boards] = [
      catalogue.find(({ prints }) => prints === 'match-cards'),
      catalogue.find(({ prints }) => prints === 'bingo'),
    ]
    expect(pagesFor(cards?.id ?? '', 4)).toBe(2 * pagesFor(cards?.id ?? '', 5))
    expect(pagesFor(boards?.id ?? '', 4)).toBe(2 * pagesFor(boards?.id ?? '', 5))
  })

  it('has a mat that lasts the minutes: longer ones have more cells', () => {
    const toss = activityOf('toss-a-time')
    const cells = (minutes: number) => {
      const fitted = fittedFor(printables['toss-and-fill'], toss, usual('toss-and-fill'), { players: 4, minutes })
      return fitted.count * (fitted.cells ?? 0)
    }
    expect([6, 12, 16, 24].map(cells)).toEqual([6, 6, 12, 24])
    // Shorter than ten minutes it is not planned for four.
    for (const minutes of [10, 12, 15, 20]) {
      const within = doneWithin(toss, { paper: 'a4', wording, rung: 'quarters', children: 4, minutes })
      // Nine in ten games end in the time there is and a quarter more.
      expect(within).toBeLessThanOrEqual(Math.ceil(minutes * 1.25))
      expect(within).toBeGreaterThan(minutes / 2)
    }
  })

  it('says within which minutes nine in ten games are done, as simulated games are', () => {
    const toss = activityOf('toss-a-time')
    const printable = printables['toss-and-fill']
    const options = {
      ...usual('toss-and-fill'),
      ...fittedFor(printable, toss, usual('toss-and-fill'), { players: 4, minutes: 10 }),
    }
    const games = simulatedTurns(printable, options, { players: 4, rules: USUAL_RULES, games: 4000, seed: 5 })
    const minutes = 3 + (games.quantile(0.9) * 20) / 60
    const within = doneWithin(toss, { paper: 'a4', wording, rung: 'quarters', children: 4, minutes: 10 }) ?? 0
    expect(Math.abs(within - minutes)).toBeLessThan(1.2)
    expect(
      doneWithin(activityOf('match-cards'), { paper: 'a4', wording, rung: 'quarters', children: 4, minutes: 10 }),
    ).toBe(undefined)
  })

  it('has a board and a badge for each child, as far as there are any', () => {
    const bingo = activityOf('clock-bingo')
    const boards = (players: number) =>
      fittedFor(printables.bingo, bingo, usual('bingo'), { players, minutes: 9 }).boards
    expect([1, 2, 7, 12, 30].map(boards)).toEqual([2, 2, 7, 12, 12])
    const badges = (players: number) =>
      fittedFor(printables.badges, activityOf('wear-your-time'), usual('badges'), { players, minutes: 9 }).count
    expect([5, 9].map(badges)).toEqual([Math.max(5, countsOn(printables.badges, 'quarters').least), 9])
    expect(printsOf('clock-bingo', 7, 9).contents).toHaveLength(1)
  })

  it('is drawn as it was fitted, and every child has a page where each is to have one', () => {
    const cellsDrawn = (minutes: number) =>
      printsOf('toss-a-time', 4, minutes).pages.flatMap((page) => readSvg(toSvg(page))).length
    expect(cellsDrawn(20)).toBeGreaterThan(cellsDrawn(6))
    expect(tablesFor(activityOf('trail-through-a-day'), 5)).toEqual({ tables: 5, players: 1 })
    expect(tablesFor(activityOf('match-cards'), 9)).toEqual({ tables: 3, players: 3 })
    expect(tablesFor(activityOf('body-clock'), 9)).toEqual({ tables: 1, players: 9 })
  })
})
