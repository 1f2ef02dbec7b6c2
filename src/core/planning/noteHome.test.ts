import { describe, expect, it } from 'vitest'
import { boxOf, readDials, readSvg, timeOf } from '../../../tests/readback/svg'
import { SAFE_MARGIN_MM, papers, toSvg } from '../drawing'
import { MS_PER_DAY } from '../clock'
import { standingOf } from '../knowing'
import { type RungId, misreadings, pathOf, schools } from '../teaching'
import { type LanguageId, languages, parseTime } from '../wording'
import { type NoteWish, noteHomePages } from '.'

const NOW = Date.UTC(2026, 10, 20, 9)
const school = schools['turns-first']
const path = pathOf(school)
const LANGUAGES = Object.keys(languages) as LanguageId[]

/** A note for a child who knows what comes before a rung on the path. */
function note(before: RungId | undefined, change: Partial<NoteWish> = {}): NoteWish {
  const known = before === undefined ? path : path.slice(0, path.indexOf(before))
  const overrules = known.map((rung) => ({ rung, verdict: 'firm' as const, at: NOW - MS_PER_DAY, note: '' }))
  const child = {
    id: 'c',
    name: 'Tavi',
    age: 5,
    standing: standingOf([], school, NOW, overrules),
    findings: [{ misreading: misreadings[0]?.id ?? 'swapped-hands' }],
  }
  return {
    child,
    school,
    paper: 'a4',
    wording: { language: 'en-GB', form: 'turns' },
    lowInk: false,
    seed: 3,
    ...change,
  }
}

const textsOf = (wish: NoteWish) =>
  readSvg(toSvg(noteHomePages(wish)[0] as never)).flatMap(({ text }) => (text === undefined ? [] : [text]))

describe('a note home', () => {
  it.each(LANGUAGES)(
    'fits its page for every rung, on every paper, in %s',
    (language) => {
      for (const paper of ['a4', 'letter'] as const)
        for (const rung of [...path, undefined]) {
          const wish = note(rung, { paper, wording: { language, form: 'turns' } })
          const pages = noteHomePages(wish)
          const titled = pages.filter(({ title }) => title.endsWith(wish.child.name))
          expect(titled, String(rung)).toHaveLength(1)
          const { width, height } = papers[paper]
          const { left, right, top, bottom } = boxOf(readSvg(toSvg(pages[0] as never)))
          expect(left).toBeGreaterThanOrEqual(SAFE_MARGIN_MM - 0.1)
          expect(right).toBeLessThanOrEqual(width - SAFE_MARGIN_MM + 0.1)
          expect(top).toBeGreaterThanOrEqual(SAFE_MARGIN_MM - 0.1)
          expect(bottom).toBeLessThanOrEqual(height - SAFE_MARGIN_MM + 0.1)
        }
    },
    60_000,
  )

  it('says what is known, what comes next and what to play, and nothing of mistakes or odds', () => {
    const texts = textsOf(note('half')).join(' ')
    expect(texts).toContain('This is what Tavi can do now:')
    expect(texts).toContain('read and set whole hours, such as three o’clock')
    expect(texts).toContain('read and set half past')
    expect(texts).toContain('Turn up pairs')
    expect(texts).toContain('The pages for it are with this note.')
    // The bar that shows the scale has its own percent.
    expect(texts.replace(/This bar .* 100 %/, '')).not.toMatch(/%|\d\.\d|odds|mistake|wrong|firm/)
    for (const { does } of misreadings) expect(texts).not.toContain(does)
  })

  it('tells at most four things, those that were learned last', () => {
    const lines = textsOf(note('digital')).filter((text) => text.startsWith('–'))
    expect(lines).toHaveLength(5)
    expect(lines.join(' ')).not.toContain('name the parts')
  })

  it('is kind where nothing is known yet', () => {
    const texts = textsOf(note('parts')).join(' ')
    expect(texts).toContain('Tavi has begun to look at clocks. Everything is still to come.')
    expect(texts).toContain('name the parts of a clock')
    expect(texts).toContain('Say the numbers round')
    expect(noteHomePages(note('parts'))).toHaveLength(1)
  })

  it('shows clocks of what is known, each with the words of its hands', () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      // With both hands; that with one alone is said otherwise.
      const [page] = noteHomePages(note('to-fives', { seed }))
      const shapes = readSvg(toSvg(page as never)).filter(({ parts }) => !parts.includes('small-page'))
      const dials = readDials(shapes).filter(({ hour, minute }) => hour !== undefined && minute !== undefined)
      expect(dials.length).toBeGreaterThanOrEqual(3)
      for (const dial of dials) {
        const { minute, hourOut } = timeOf(dial)
        expect(hourOut).toBeLessThan(1)
        const beneath = shapes.filter(
          ({ text, points: [at] }) =>
            text !== undefined &&
            at !== undefined &&
            Math.abs(at.x - dial.pivot.x) < 2 &&
            at.y > dial.pivot.y + 13 &&
            at.y < dial.pivot.y + 26,
        )
        const words = beneath.map(({ text }) => text).join(' ')
        expect(parseTime(words, 'en-GB')?.minute, words).toBe(minute)
      }
    }
  })

  it('has a small picture of the game’s page, without a bar that is not 100 mm', () => {
    const shapes = readSvg(toSvg(noteHomePages(note('half'))[0] as never))
    expect(shapes.some(({ parts }) => parts.includes('small-page'))).toBe(true)
    expect(shapes.some(({ parts }) => parts.includes('small-page') && parts.includes('check-bar'))).toBe(false)
  })

  it('has its game’s pages behind it', () => {
    expect(noteHomePages(note('half')).length).toBeGreaterThan(1)
  })
})
