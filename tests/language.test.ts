import { describe, expect, it } from 'vitest'
import {
  type MaterialId,
  STATIONS_ID,
  activityOf,
  activityWords,
  catalogue,
  materials,
  placeNames,
  wordsOn,
} from '../src/core/activities'
import { CHECK_BAR_MM, type Drawing, SAFE_MARGIN_MM, fitSize, papers, toSvg } from '../src/core/drawing'
import { USUAL_YARD, makingCard, recipePages, yardPages } from '../src/core/make'
import { GAME_IDS, USUAL_GAME, callerPages, games, makeTimeline } from '../src/core/movement'
import { type SessionRequest, makePack, planSession, runSheetPages, sessionPrints } from '../src/core/planning'
import { type PrintOptions, countsOn, printables } from '../src/core/printables'
import { printFooter } from '../src/core/printables/kit/footers'
import { misreadings, schools } from '../src/core/teaching'
import { standingOf } from '../src/core/knowing'
import { type LanguageId, PRINTED, printedAs, inEnglish } from '../src/core/wording'
import { PRINTED_IN } from '../src/core/wording/printed/registry'
import { PRINTED_NAMES, someRecipes } from './printedNames'
import { rungsOf } from './readback/prints'
import { readSvg } from './readback/svg'

const OTHERS = Object.keys(PRINTED_IN) as LanguageId[]

/** Beside the bar that shows the scale, on the narrowest paper. */
const FOOT_WIDTH_MM = papers.a4.width - 2 * SAFE_MARGIN_MM - CHECK_BAR_MM - 5

/** French writes these as English does. */
const SAME_WORDS = ['table {0}', 'page {0}']

/** Lines are broken where they are full, so they are read as one text. */
const textOf = (pages: readonly Drawing[]) =>
  pages.flatMap((page) => readSvg(toSvg(page)).map(({ text }) => text ?? '')).join(' ')

/** Words that only English has. */
const ENGLISH_WORDS = /\b(the|and|with|from|each|children|child|which|hand out|of)\b/i

/** What English would leave behind: the names, and the pieces of the phrases between what is filled in. */
const ENGLISH = [
  ...PRINTED_NAMES,
  ...PRINTED.flatMap((phrase) => phrase.split(/\{\d\}/)).map((piece) => piece.trim()),
].filter((piece) => piece.length > 5)

describe.each(OTHERS)('what is printed for the adult: %s', (language) => {
  const printed = PRINTED_IN[language]
  if (!printed) throw new Error('none')

  it('has every name and every phrase, none of them in English, with its places kept', () => {
    for (const name of PRINTED_NAMES) expect(printed.names[name], name).toBeTruthy()
    expect(Object.keys(printed.names).sort()).toEqual([...PRINTED_NAMES].sort())
    for (const phrase of PRINTED) {
      const places = (text: string) => [...text.matchAll(/\{\d\}/g)].map(([place]) => place).sort()
      expect(places(printed.phrases[phrase]), phrase).toEqual(places(phrase))
      if (/[a-z]{3}/i.test(phrase) && !SAME_WORDS.includes(phrase)) expect(printed.phrases[phrase]).not.toBe(phrase)
    }
    const said = misreadings.map(({ does }) => printed.names[inEnglish(does)])
    expect(new Set(said).size).toBe(said.length)
  })

  it('has names short enough for the foot of a page, whatever the number of the print', () => {
    const wording = { language, form: 'turns' } as const
    for (const printable of Object.values(printables))
      for (const rung of rungsOf(printable))
        for (const end of ['key', 'backs', 'guide'] as const) {
          const options = { rung, wording, count: 1, paper: 'a4' } as const
          const foot = `${printFooter(printable.name, options, 2 ** 31 - 1)} · ${printedAs(end, wording)}`
          expect(fitSize(foot, 2.8, FOOT_WIDTH_MM), foot).toBeGreaterThanOrEqual(1.8)
        }
  })

  it('leaves no English on any page of any print', () => {
    for (const printable of Object.values(printables)) {
      const rung = rungsOf(printable)[0]
      if (!rung) throw new Error(printable.id)
      const options: PrintOptions = {
        rung,
        count: countsOn(printable, rung).usual,
        paper: 'a4',
        wording: { language, form: 'turns' },
        ...(printable.takes.includes('backs') && { backs: 'long-edge' as const }),
      }
      const { pages, key } = printable.make(options, 5)
      const whole = textOf([...pages, ...key])
      for (const piece of ENGLISH)
        if (!Object.values(printed.names).includes(piece))
          expect(whole.includes(piece), `${printable.id}: ${piece}`).toBe(false)
    }
  })

  it('has every activity, told in as many steps', () => {
    const parts = ['name', 'say', 'lookFor', 'easier', 'harder'] as const
    for (const activity of [...catalogue, activityOf(STATIONS_ID)])
      for (const rung of activity.rungs) {
        const [words, english] = [activityWords(activity, language, rung), wordsOn(activity, rung)]
        expect(words.steps.length, activity.id).toBe(english.steps.length)
        for (const part of parts) expect(words[part], `${activity.id} ${part}`).not.toBe(english[part])
        words.steps.forEach((step, i) => expect(step).not.toBe(english.steps[i]))
        expect([words.steps, ...parts.map((part) => words[part])].flat().join(' ')).not.toMatch(ENGLISH_WORDS)
        // What differs on a rung in English differs there in every language.
        for (const part of parts)
          expect(words[part] === activityWords(activity, language, 'quarters')[part], `${activity.id} ${part}`).toBe(
            english[part] === wordsOn(activity, 'quarters')[part],
          )
      }
  })

  it('leaves no English in a game on paper: its calls, signs, places and cards', () => {
    const wording = { language, form: 'turns' } as const
    for (const id of GAME_IDS)
      for (const isSeated of [false, true]) {
        const options = { ...USUAL_GAME, rung: 'quarters', wording, isSeated, children: 9, minutes: 12 } as const
        const text = textOf(callerPages(makeTimeline(id, options, 7), options, 'a4'))
        expect(text, id).not.toMatch(ENGLISH_WORDS)
        expect(text, id).not.toContain(games[id].name)
      }
  })

  it('leaves no English on a run sheet, the cover of a pack, a made clock or a floor clock', () => {
    const wording = { language, form: 'turns' } as const
    const request = sessionOf(['Mo', 'Ida'])
    for (const place of ['table', 'hall', 'outdoors'] as const)
      for (let seed = 1; seed <= 4; seed++) {
        const plan = planSession({ ...request, place }, { seed: seed })
        const { contents } = sessionPrints(plan, request, { paper: 'a4', wording, lowInk: false }, seed)
        const sheet = { title: 'Mo', paper: 'a4', wording, placeName: placeNames[place], prints: contents } as const
        expect(textOf(runSheetPages(plan, request, sheet))).not.toMatch(ENGLISH_WORDS)
      }
    const children = [{ name: 'Mo', rung: 'oclock', weights: {} }] as const
    const things = [{ printable: 'how-long' }, { printable: 'read-dials' }] as const
    const order = schools['turns-first'].order
    const pack = makePack({
      title: 'Mo',
      paper: 'a4',
      wording,
      lowInk: false,
      children,
      things,
      order,
      seed: 1,
      answersOnPaper: 'whole',
    })
    expect(textOf(pack.cover)).not.toMatch(ENGLISH_WORDS)
    for (const recipe of someRecipes.filter((_, i) => i % 3 === 0))
      expect(textOf([...makingCard(recipe, wording), ...recipePages(recipe, 'Mo', wording)])).not.toMatch(ENGLISH_WORDS)
    for (const facing of ['wall', 'north', 'children'] as const)
      for (const hands of ['ropes', 'children'] as const)
        expect(textOf(yardPages({ ...USUAL_YARD, facing, hands }, wording))).not.toMatch(ENGLISH_WORDS)
  })
})

/** Half an hour for children who begin, with everything to hand. */
function sessionOf(names: readonly string[]): SessionRequest {
  const school = schools['turns-first']
  return {
    children: names.map((name) => ({
      id: name,
      name,
      standing: standingOf([], school, 0),
      findings: [{ misreading: 'next-hour' }],
    })),
    minutes: 40,
    start: 540,
    place: 'table',
    materials: Object.keys(materials) as MaterialId[],
    lastTime: [],
    school,
  }
}
