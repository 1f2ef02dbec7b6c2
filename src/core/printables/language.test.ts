import { describe, expect, it } from 'vitest'
import { rungsOf } from '../../../tests/readback/prints'
import { readSvg } from '../../../tests/readback/svg'
import { CHECK_BAR_MM, SAFE_MARGIN_MM, fitSize, papers, toSvg } from '../drawing'
import { misreadings, rungs } from '../teaching'
import { type LanguageId, PRINTED, languages, printedAs } from '../wording'
import { printFooter } from './kit/frame'
import { TRAIL_PICTURES } from './games/trailPictures'
import { type PrintOptions, countsOn, printables } from '.'

const OTHERS = (Object.keys(languages) as LanguageId[]).filter((id) => languages[id].printed)

/** Beside the bar that shows the scale, on the narrowest paper. */
const FOOT_WIDTH_MM = papers.a4.width - 2 * SAFE_MARGIN_MM - CHECK_BAR_MM - 5

/** Everything that has a name of its own on paper, in English. */
const NAMES = [
  ...Object.values(printables).map(({ name }) => name),
  ...rungs.map(({ name }) => name),
  ...misreadings.map(({ does }) => does),
  ...Object.keys(TRAIL_PICTURES),
]

/** What English would leave behind: the names, and the pieces of the phrases between what is filled in. */
const ENGLISH = [...NAMES, ...PRINTED.flatMap((phrase) => phrase.split(/\{\d\}/)).map((piece) => piece.trim())].filter(
  (piece) => piece.length > 5,
)

describe.each(OTHERS)('what is printed for the adult: %s', (language) => {
  const printed = languages[language].printed
  if (!printed) throw new Error('none')

  it('has every name and every phrase, none of them in English, with its places kept', () => {
    for (const name of NAMES) expect(printed.names[name], name).toBeTruthy()
    expect(Object.keys(printed.names).sort()).toEqual([...new Set(NAMES)].sort())
    for (const phrase of PRINTED) {
      const places = (text: string) => [...text.matchAll(/\{\d\}/g)].map(([place]) => place).sort()
      expect(places(printed.phrases[phrase]), phrase).toEqual(places(phrase))
      if (phrase !== 'no. {0}' && phrase !== '; or ') expect(printed.phrases[phrase]).not.toBe(phrase)
    }
    const said = misreadings.map(({ does }) => printed.names[does])
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
      const texts = [...pages, ...key].flatMap((page) => readSvg(toSvg(page)).map(({ text }) => text ?? ''))
      // Lines are broken where they are full, so they are read as one text.
      const whole = texts.join(' ')
      for (const piece of ENGLISH)
        if (!Object.values(printed.names).includes(piece))
          expect(whole.includes(piece), `${printable.id}: ${piece}`).toBe(false)
    }
  })
})
