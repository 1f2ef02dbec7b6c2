import { inEnglish } from '../wording'
import { describe, expect, it } from 'vitest'
import { RefusedValue } from '../errors'
import { randomFrom } from '../random'
import { STAGES, asksOf, itemPool, misreadings, rungs, wrongAnswers } from '../teaching'
import { GAME_IDS } from '../movement'
import { PRINTABLE_IDS, type Printable, countsOn, isPrintableId, printables } from '../printables'
import { cautions } from '../make'
import { type Place, activityOf, catalogue, durationRange, materials, mendedBy, placeNames } from '.'

describe('the catalogue', () => {
  it('has at least seventy activities, each once', () => {
    expect(catalogue.length).toBeGreaterThanOrEqual(70)
    expect(new Set(catalogue.map(({ id }) => id)).size).toBe(catalogue.length)
    expect(new Set(catalogue.map(({ name }) => name)).size).toBe(catalogue.length)
  })

  it.each(rungs.map(({ id }) => id))('has three of each stage for %s in every place', (rung) => {
    for (const place of Object.keys(placeNames) as Place[])
      for (const stage of STAGES) {
        const found = catalogue.filter(
          (activity) =>
            activity.role === 'teach' &&
            activity.stage === stage &&
            activity.rungs.includes(rung) &&
            activity.places.includes(place),
        )
        expect(found.length, `${stage}, ${place}`).toBeGreaterThanOrEqual(3)
      }
    expect(catalogue.filter(({ role, rungs: own }) => role === 'check' && own.includes(rung)).length).toBe(2)
  })

  it('has every print and every game of the caller in some activity, on rungs that suit it', () => {
    expect(PRINTABLE_IDS.filter((id) => !catalogue.some(({ prints }) => prints === id))).toEqual([])
    expect(GAME_IDS.filter((id) => !catalogue.some(({ game }) => game === id))).toEqual([])
    for (const { id, prints, rungs: own } of catalogue)
      if (isPrintableId(prints))
        expect(
          own.filter((rung) => !printables[prints].suits(rung)),
          id,
        ).toEqual([])
  })

  it('mends every misreading in every place, on every rung on which it shows', () => {
    const without: string[] = []
    for (const { id: rung } of rungs) {
      const items = asksOf(rung).flatMap((ask) => itemPool(randomFrom(1), { rung, ask }).slice(0, 150))
      for (const misreading of misreadings) {
        if (!items.some((item) => wrongAnswers(misreading, item).length > 0)) continue
        const mending = misreading.repair.activities.map(activityOf).filter((each) => each.rungs.includes(rung))
        for (const place of Object.keys(placeNames) as Place[])
          if (!mending.some(({ places }) => places.includes(place)))
            without.push(`${misreading.id} on ${rung}, ${place}`)
      }
    }
    expect(without).toEqual([])
  })

  it('says what mends a misreading, the best first', () => {
    expect(inEnglish(mendedBy('wrong-way'))).toBe('“Body clock” or “Everyone sets a clock”')
    expect(inEnglish(mendedBy('past-for-to'))).toBe(
      '“Past side, to side”, “A clock of rope” or “Everyone sets a clock”',
    )
    expect(inEnglish(mendedBy('wrong-row'))).toMatch(/^“[^“”]+”$/)
  })

  it('names only things that there are', () => {
    for (const activity of catalogue) {
      for (const rung of activity.rungs) expect(rungs.map(({ id }) => id)).toContain(rung)
      for (const { material, amount } of activity.needs) {
        expect(materials).toHaveProperty(material)
        expect(amount).toBeGreaterThan(0)
      }
      for (const caution of activity.cautions) expect(cautions).toHaveProperty(caution)
      expect(['paper-clock', 'none', ...Object.keys(printables)]).toContain(activity.prints)
    }
  })

  it('warns wherever there is cutting, sharp points or running about', () => {
    for (const activity of catalogue) {
      if (activity.needs.some(({ material }) => material === 'scissors'))
        expect(activity.cautions).toContain('scissors')
      if (activity.needs.some(({ material }) => material === 'fasteners')) expect(activity.cautions).toContain('holes')
      if (activity.needs.some(({ material }) => material === 'dough')) expect(activity.cautions).toContain('dough')
      if (activity.energy === 'moving') expect(activity.cautions).toContain('movement')
    }
  })
})

describe('the pages of what an activity uses', () => {
  /** How many pages its print has, on each of its rungs, as many things as is usual, with the helps of the rung. */
  const pagesOf = (id: keyof typeof printables) =>
    rungs
      .filter(({ id: rung }) => printables[id].suits(rung))
      .map(({ id: rung }) => {
        const printable: Printable = printables[id]
        const helps = (rung === 'fives' || rung === 'past-fives') && printable.takes.includes('helps') ? 1 : 0
        const wording = { language: 'en-GB', form: 'turns' } as const
        const options = {
          paper: 'a4',
          wording,
          rung,
          count: countsOn(printable, rung).usual,
          ...(helps && { helps }),
        } as const
        return printable.make(options, 3).pages.length
      })

  const shared = catalogue.flatMap((activity) => {
    const { id, prints, needs } = activity
    const own = needs.filter(({ material, per }) => (material === 'card' || material === 'paper') && per === 'group')
    const amount = own.reduce((sum, need) => sum + need.amount, 0)
    return isPrintableId(prints) && amount > 0 ? [{ id, prints, amount }] : []
  })

  // A strip for the wall is fetched for a day of one's own, which is longer than a made-up one.
  it.each(shared.filter(({ id }) => id !== 'strip-for-the-wall'))('$id: $amount', ({ prints, amount }) => {
    expect(amount).toBe(Math.max(...pagesOf(prints)))
  })
})

describe('how long an activity takes', () => {
  it('follows its model, worked by hand', () => {
    // Set-up 1, rounds of 45 s for each of 4 children in turn: 1, 2 and 4 rounds are 3, 6 and 12 min.
    expect(durationRange(activityOf('hour-hand-walk'), 4)).toEqual({ least: 4, usual: 7, most: 13 })
    // All together: the number of children does not matter.
    expect(durationRange(activityOf('paper-clock'), 1)).toEqual(durationRange(activityOf('paper-clock'), 12))
  })

  it('keeps to five to twelve minutes at its usual length, making and checking apart', () => {
    for (const activity of catalogue.filter(({ role }) => role === 'teach')) {
      const { least, usual, most } = durationRange(activity, 3)
      expect(least).toBeLessThanOrEqual(usual)
      expect(usual).toBeLessThanOrEqual(most)
      expect(usual, activity.id).toBeGreaterThanOrEqual(4)
      expect(usual, activity.id).toBeLessThanOrEqual(13)
    }
    expect(() => durationRange(activityOf('paper-clock'), 0)).toThrow(RefusedValue)
  })
})
