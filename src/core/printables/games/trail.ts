import { drawUnit } from '../../random'
import { languages, nameIn } from '../../wording'
import { childPage } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { definePrintable } from '../kit/definePrintable'
import { CLOCKS, trailOf } from './trailWay'
import { trailPage, trapsPages } from './trailPages'

/** How often a child joins a wrong clock and goes back: our estimate, for the length of the game only. */
const WRONG_STEPS = 0.15

/**
 * Clocks all over the page: from the start, find each "so much later" and join them; the picture comes out only if
 * every step is right.
 */
export const trail = definePrintable({
  id: 'trail',
  kind: 'game',
  name: 'Trail',
  purpose: 'Find each clock so much later and join them: a picture comes out only if every step is right',
  stage: 'pictorial',
  counts: 'clocks on the trail',
  leastItems: CLOCKS,
  mostItems: CLOCKS,
  usualItems: CLOCKS,
  timesOn: () => CLOCKS,
  suits: (rung) => rung === 'later',
  takes: ['helps', 'by', 'weights'],
  needs: ['pencils', 'ruler'],
  cautions: [],
  play: (random) =>
    Array.from({ length: CLOCKS - 1 }).reduce<number>((turns) => turns + (drawUnit(random) < WRONG_STEPS ? 2 : 1), 0),
  notes: (options, seed) => [
    `It shows a ${trailOf(options, seed).picture}. Every clock on the page is different, so each step has one right clock; the others are where common mistakes lead.`,
  ],
  make(options, seed) {
    const made = trailOf(options, seed)
    const footer = printFooter('Trail', options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items: made.items,
      pages: [childPage(options, titleOr(options, phrases.findNext), footer, trailPage(made, options, false))],
      key: [
        childPage(
          options,
          `${keyTitle('Trail', options)}, ${nameIn(options.wording, made.picture)}`,
          keyFooter(footer, options),
          trailPage(made, options, true),
        ),
        ...trapsPages(made, options, keyFooter(footer, options)),
      ],
    }
  },
})
