import { IN_ENGLISH, inEnglish, type LanguageId, say, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { school, request, anyRequest, tryPlan } from '../../../tests/readback/plainRequests'
import { boxOf, readSvg } from '../../../tests/readback/svg'
import { type Activity, activityOf, activityWords, catalogue, type MaterialId } from '../activities'
import { type Drawing, type PaperId, SAFE_MARGIN_MM, bodyArea, papers, toSvg } from '../drawing'
import { PRINTABLE_IDS, printables } from '../printables'
import { type RungId, rungs } from '../teaching'
import { childForms, fetchList, planSession, printsOf, runSheetPages, sessionPrints, type SessionRequest } from '.'
import { clockAmounts } from './clockAmounts'

describe('what a session takes', () => {
  const steps = (ids: string[]) => ({
    rung: 'half' as RungId,
    steps: ids.map((activityId, i) => ({
      id: `s${i}`,
      activityId,
      rung: 'half' as RungId,
      minutes: 8,
      why: told('Since it fits.'),
    })),
  })

  it('is counted once where it is reused, and added up where it is used up', () => {
    const list = fetchList(steps(['paper-clock', 'folded-quarters']), request({ firm: [2, 2, 2, 2] }))
    const amount = (material: MaterialId) => list.find((entry) => entry.material === material)?.amount
    expect(amount('crayons')).toBe(4)
    expect(amount('card')).toBe(4)
    expect(amount('fasteners')).toBe(4)
    expect(list.every(({ toHand }) => toHand)).toBe(true)
  })

  it('prints a clock and a sheet for each child, at each child’s own rung', () => {
    const from = request({ firm: [2, 5] })
    const settings = { paper: 'letter', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const
    const prints = sessionPrints(steps(['paper-clock', 'read-dials-sheet']), from, settings, 11)
    expect(prints.pages.length).toBe(4)
    expect(new Set(prints.items.map(({ rung }) => rung))).toEqual(new Set(['half', 'past-fives']))
    const names = prints.pages.map((page) => readSvg(toSvg(page)).some(({ text }) => text === 'Child 1'))
    expect(names).toEqual([false, true, false, true])
  })

  it('is all on the run sheet, inside its margins', () => {
    fc.assert(
      fc.property(anyRequest, fc.nat(), fc.constantFrom('a4' as const, 'letter' as const), (from, seed, paper) => {
        const plan = tryPlan(from, seed)
        if (!plan) return
        const pages = runSheetPages(plan, from, {
          title: 'Run',
          paper,
          wording: { language: 'en-GB', form: 'turns' },
          placeName: told('here'),
          prints: [{ title: 'A sheet', pages: 3 }],
        })
        const shapes = pages.map((page) => readSvg(toSvg(page)))
        const text = shapes
          .flat()
          .map((shape) => shape.text ?? '')
          .join(' ')
        for (const step of plan.steps) expect(text).toContain(activityOf(step).name)
        for (const page of shapes) expect(boxOf(page).bottom).toBeLessThanOrEqual(papers[paper].height - SAFE_MARGIN_MM)
      }),
      { numRuns: 40 },
    )
  }, 30_000)
})

/** How full the body of a page is, from the bottom of what stands lowest in it, above the foot. */
function fillOf(page: Drawing, paper: PaperId): number {
  const { y, height } = bodyArea(paper)
  const inBody = readSvg(toSvg(page)).filter(({ points, layer }) => layer === 'ink' && (points[0]?.y ?? 0) < y + height)
  return (boxOf(inBody).bottom - y) / height
}

describe('the run sheet', () => {
  const asked = (from: SessionRequest, seed: number, paper: PaperId, language: LanguageId) => {
    const plan = tryPlan(from, seed)
    const sheet = {
      title: 'Run',
      paper,
      wording: { language, form: 'turns' },
      placeName: told('here'),
      prints: [{ title: 'A sheet', pages: 3 }],
    } as const
    return plan && { plan, pages: runSheetPages(plan, from, sheet) }
  }

  it('has the whole session on its first page: when each step begins, what it is, and its minutes', () => {
    const languages = fc.constantFrom<LanguageId>('en-GB', 'de', 'fr', 'es')
    fc.assert(
      fc.property(
        anyRequest,
        fc.nat(),
        fc.constantFrom<PaperId>('a4', 'letter'),
        languages,
        (from, seed, paper, language) => {
          const found = asked(from, seed, paper, language)
          if (!found) return
          const texts = readSvg(toSvg(found.pages[0] as Drawing)).map(({ text }) => text ?? '')
          let minute = from.start
          for (const step of found.plan.steps) {
            const start = say(minute % 1440, { language, form: 'digital' })
            const at = texts.indexOf(start)
            expect(at, `${start} in ${texts.join(' ')}`).toBeGreaterThanOrEqual(0)
            const { name } = activityWords(activityOf(step), language, step.rung)
            expect(name.startsWith((texts[at + 1] ?? '?').replace(/…$/, ''))).toBe(true)
            expect(texts[at + 2]).toBe(`${step.minutes} min`)
            texts.splice(0, at + 1)
            minute += step.minutes
          }
        },
      ),
      { numRuns: 40 },
    )
  }, 60_000)

  it('fills each page to 85 % at least while more follows', () => {
    fc.assert(
      fc.property(anyRequest, fc.nat(), fc.constantFrom<PaperId>('a4', 'letter'), (from, seed, paper) => {
        const pages = asked(from, seed, paper, 'en-GB')?.pages ?? []
        for (const page of pages.slice(0, -1)) expect(fillOf(page, paper)).toBeGreaterThanOrEqual(0.85)
      }),
      { numRuns: 60 },
    )
  }, 60_000)

  it('has a box to tick for each thing to fetch and each print', () => {
    const from = request({ materials: ['card', 'scissors'] })
    const found = asked(from, 3, 'a4', 'en-GB')
    const boxes = found?.pages.flatMap((page) =>
      readSvg(toSvg(page)).filter(({ parts, points: [at] }) => parts.includes('icon-tick') && (at?.x ?? 99) % 95 < 20),
    )
    const due = found ? fetchList(found.plan, from).length + clockAmounts(from, IN_ENGLISH).length + 1 : 0
    expect(due).toBeGreaterThan(1)
    expect(boxes?.length).toBe(due)
  })

  it('names who takes the easier and who the harder form', () => {
    const from = request({ firm: [1, 4, 4, 7] })
    const plan = { ...planSession(from, { seed: 3 }), rung: school.order[4] as RungId }
    const forms = childForms(from, plan.rung)
    const named = (form: string) => forms.filter((each) => each.form === form).map(({ child }) => child.name)
    expect(named('easier').length).toBeGreaterThan(0)
    expect(named('harder').length).toBeGreaterThan(0)
    const texts = runSheetPages(plan, from, {
      title: 'Run',
      paper: 'a4',
      wording: { language: 'en-GB', form: 'turns' },
      placeName: told('here'),
      prints: [],
    }).flatMap((page) => readSvg(toSvg(page)).map(({ text }) => text ?? ''))
    for (const form of ['easier', 'harder']) {
      const line = texts.find((text) => text.startsWith(`Take the ${form} form: `)) ?? ''
      const others = from.children.map(({ name }) => name).filter((name) => !named(form).includes(name))
      expect(named(form).filter((name) => !line.includes(name))).toEqual([])
      expect(others.filter((name) => line.includes(name))).toEqual([])
    }
  })
})

describe('a kept print in a session', () => {
  const settings = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const
  const kept = (count: number) => ({
    name: 'Halves for Sedge',
    body: { printable: 'match-cards', options: { ...settings, rung: 'half', count }, seed: 3, made: 1 } as const,
  })

  it('is among the pages, and is named where it can no longer be made', () => {
    const job = { request: request(), settings: { ...settings, kept: [kept(6)] }, seed: 1 }
    expect(printsOf([], 'half', job).contents.map(({ title }) => title)).toEqual(['Halves for Sedge'])
    const refused = { ...job, settings: { ...settings, kept: [kept(500)] } }
    expect(() => printsOf([], 'half', refused)).toThrow(
      /^the kept print “Halves for Sedge” must be one that can still be made: change it .*“How many sets” must be/,
    )
  })
})

describe('what a session prints', () => {
  const [sheetActivity] = catalogue.filter(({ prints }) => prints === 'read-dials')
  const [cardActivity] = catalogue.filter(({ prints }) => prints === 'match-cards')

  it.each(PRINTABLE_IDS)('has %s, whichever activity names it, on every rung', (id) => {
    const asked = request({ minutes: 25 })
    for (const { id: rung } of rungs) {
      const activity = { ...(sheetActivity as Activity), prints: id, tableOf: 2 }
      const settings = { paper: 'a4', lowInk: true, wording: { language: 'en-GB', form: 'turns' } } as const
      const { contents, pages, keys } = printsOf([activity, cardActivity as Activity], rung, {
        request: asked,
        settings,
        seed: 7,
      })
      const own = contents.filter(({ title }) => title.startsWith(inEnglish(printables[id].name)))
      // A line for all children's sheets, and one for each table's set.
      const isForChild = printables[id].kind === 'sheet' || printables[id].forEachChild === true
      expect(own.length).toBe(isForChild ? 1 : Math.ceil(asked.children.length / 2))
      if (isForChild) expect(own[0]?.pages).toBeGreaterThanOrEqual(asked.children.length)
      expect(contents.reduce((sum, each) => sum + each.pages, 0)).toBe(pages.length)
      expect(keys.length).toBeGreaterThan(own.length - 1)
    }
  })
})
