import { describe, expect, it } from 'vitest'
import { readSvg } from '../../../tests/readback/svg'
import { activityWords, catalogue } from '../activities'
import { toSvg } from '../drawing'
import { PRINTABLE_IDS, printables } from '../printables'
import { rungs } from '../teaching'
import { LANGUAGE_IDS } from '../wording'
import { howToPlay, howToPlayPages } from '.'

describe('how to play', () => {
  it.each(PRINTABLE_IDS)('stands on one page with %s where it is played, in each language', (id) => {
    const { kind, suits } = printables[id]
    for (const { id: rung } of rungs.filter((each) => suits(each.id)))
      for (const language of LANGUAGE_IDS) {
        const wording = { language, form: 'turns' } as const
        const pages = howToPlayPages(id, { rung, paper: 'letter', wording }, 24)
        expect(pages).toHaveLength(kind === 'sheet' ? 0 : 1)
        const rules = howToPlay(id, rung, wording)
        if (!rules) continue
        // All of the words of an activity that plays it are on the page.
        const said = pages.flatMap((page) => readSvg(toSvg(page)).flatMap(({ text }) => text ?? [])).join(' ')
        for (const step of [...rules.steps, rules.say, rules.harder]) expect(said).toContain(step.replace(/\s+/g, ' '))
        const played = catalogue
          .filter(({ prints }) => prints === id)
          .map((each) => activityWords(each, language, rung).name)
        expect(played).toContain(rules.name)
      }
  })
})
