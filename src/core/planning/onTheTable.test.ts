import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { extentOf, pointsIn } from '../../../tests/readback/prints/measuring'
import { groups, inPart } from '../../../tests/readback/prints/reading'
import { readSvg } from '../../../tests/readback/svg'
import { toSvg } from '../drawing'
import { cardsOn, countsOn, PRINTABLE_IDS, type PrintableId, printables } from '../printables'
import { rungs } from '../teaching'
import { onTheTable, TABLE_PICTURE_MM } from './onTheTable'
import { howToPlayPages } from '.'

const HALF = 100

function laid(id: PrintableId, cards: number, players: number) {
  const found = onTheTable(id, { cards, players })
  if (!found) return undefined
  const shapes = [{ type: 'group', shapes: found.shapes, x: HALF, y: HALF } as const]
  return readSvg(toSvg({ width: 2 * HALF, height: 2 * HALF, title: 'table', shapes }))
}

const PLAYED = PRINTABLE_IDS.filter((id) => printables[id].kind === 'game' || printables[id].kind === 'cards')
const LAID = PLAYED.filter((id) => onTheTable(id, { cards: 12, players: 4 }))
const WITH_CARDS = LAID.filter((id) => groups(laid(id, 12, 4) ?? [], 'card').length > 0)

describe('a game on the table', () => {
  it('is shown for all but what is worn, hung up, or lies before one child', () => {
    expect(PLAYED.filter((id) => !LAID.includes(id))).toEqual([
      'trail',
      'jigsaw-halves',
      'compose-cards',
      'show-me-cards',
      'badges',
      'wall-strip',
      'day-trail',
    ])
  })

  it('has each card once, and shares that differ by one at most', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...WITH_CARDS),
        fc.integer({ min: 6, max: 36 }),
        fc.integer({ min: 1, max: 9 }),
        (id, cards, asked) => {
          const table = laid(id, cards, asked) ?? []
          expect(groups(table, 'card')).toHaveLength(cards)
          const players = groups(table, 'player')
          expect(players).toHaveLength(Math.min(6, asked))
          const hands = players.map((own) => groups(own, 'card').length)
          expect(Math.max(...hands) - Math.min(...hands)).toBeLessThanOrEqual(1)
        },
      ),
    )
  })

  it('deals all out in loop cards, and four each in minute hops', () => {
    const hands = (id: PrintableId) => groups(laid(id, 26, 4) ?? [], 'player').map((own) => groups(own, 'card').length)
    expect(hands('loop-cards')).toEqual([7, 7, 6, 6])
    expect(hands('dominoes')).toEqual([6, 6, 6, 6])
    expect(hands('minutes-later')).toEqual([4, 4, 4, 4])
    expect(hands('memory-pairs')).toEqual([0, 0, 0, 0])
  })

  it('lies on the table, its players round it, and no hand on another', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LAID),
        fc.integer({ min: 6, max: 36 }),
        fc.integer({ min: 1, max: 6 }),
        (id, cards, asked) => {
          const table = laid(id, cards, asked) ?? []
          const top = extentOf(pointsIn(inPart(table, 'table')))
          const all = extentOf(pointsIn(table))
          expect(all.bottom - all.top).toBeLessThanOrEqual(TABLE_PICTURE_MM + 0.1)
          const isOn = (each: typeof top) =>
            each.left > top.left && each.right < top.right && each.top > top.top && each.bottom < top.bottom
          for (const card of groups(table, 'card')) expect(isOn(extentOf(pointsIn(card)))).toBe(true)
          const own = groups(table, 'player').map((player) => extentOf(pointsIn(player)))
          own.forEach((a, i) =>
            own.slice(i + 1).forEach((b) => {
              const apart = a.right < b.left || b.right < a.left || a.bottom < b.top || b.bottom < a.top
              expect(apart).toBe(true)
            }),
          )
        },
      ),
    )
  })

  it('says how many cards there are as they were printed', () => {
    const options = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'quarters' } as const
    for (const id of WITH_CARDS) {
      const rung = rungs.find((each) => printables[id].suits(each.id))?.id ?? 'quarters'
      const { pages } = printables[id].make({ ...options, rung, count: countsOn(printables[id], rung).usual }, 1)
      const [rules] = howToPlayPages(id, { ...options, rung }, cardsOn(pages))
      const texts = readSvg(toSvg(rules ?? { width: 1, height: 1, title: '', shapes: [] })).map(({ text = '' }) => text)
      expect(texts.some((text) => text.endsWith(`: ${cardsOn(pages)} cards`))).toBe(true)
    }
  })
})
