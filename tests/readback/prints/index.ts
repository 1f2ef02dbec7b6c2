import { handsHidden } from '../../../src/core/clock'
import { type Print, type PrintOptions, type Printable, type PrintableId, countsOn } from '../../../src/core/printables'
import { type Random, draw, drawInt } from '../../../src/core/random'
import { type RungId, rungs } from '../../../src/core/teaching'
import { languages, type LanguageId } from '../../../src/core/wording'
import { cardCheckers } from './cards'
import { gameCheckers } from './games'
import { checkPages, readPrint } from './reading'
import { sheetCheckers } from './sheets'

const checkers: Record<PrintableId, (read: ReturnType<typeof readPrint>) => void> = {
  ...sheetCheckers,
  ...gameCheckers,
  ...cardCheckers,
}

/** What is wrong with a print, read back from its SVG; empty for one that is right. */
export function problemsOf(id: PrintableId, print: Print, options: PrintOptions): string[] {
  const read = readPrint(print, options)
  checkPages(read)
  checkers[id](read)
  return read.problems
}

export function rungsOf(printable: Printable): RungId[] {
  return rungs.map(({ id }) => id).filter(printable.suits)
}

/** Any options that a person can choose for a printable on a rung. */
export function drawnOptions(random: Random, printable: Printable, rung: RungId): PrintOptions {
  const { least, most } = countsOn(printable, rung)
  const count = drawInt(random, least, most)
  const takes = (extra: Printable['takes'][number]) => printable.takes.includes(extra)
  const maybe = <T>(value: T): T | undefined => (drawInt(random, 0, 1) === 0 ? value : undefined)
  const twoHanded = rung !== 'fives' && rung !== 'hour-hand'
  const covers = takes('covers')
    ? draw(random, twoHanded ? (['dials', 'figures', 'words'] as const) : (['dials', 'words'] as const))
    : 'dials'
  return {
    paper: draw(random, ['a4', 'letter'] as const),
    wording: {
      language: draw(random, Object.keys(languages) as LanguageId[]),
      form: draw(random, ['turns', 'minutes-past', 'digital'] as const),
    },
    rung,
    count,
    lowInk: drawInt(random, 0, 1) === 1,
    owner: maybe('Odalys of the long boat'),
    guillotine: drawInt(random, 0, 1) === 1,
    ...(takes('helps') ? { helps: draw(random, [0, 1, 2, 3] as const) } : {}),
    ...(takes('answers') ? { answers: draw(random, ['write', 'choose'] as const) } : {}),
    ...(takes('backs') ? { backs: draw(random, [undefined, 'long-edge', 'short-edge'] as const) } : {}),
    ...(takes('forms') && twoHanded ? { forms: draw(random, [2, 3] as const) } : {}),
    ...(takes('cells') ? { cells: drawInt(random, 1, 4) } : {}),
    ...(takes('covers') ? { covers } : {}),
    // Clocks need wider sectors than words do.
    ...(takes('sectors')
      ? {
          sectors:
            covers === 'dials' || count <= 8
              ? maybe(
                  Array.from({ length: count }, () =>
                    drawInt(random, 1, covers === 'dials' ? draw(random, [3, 5]) : 2),
                  ),
                )
              : undefined,
        }
      : {}),
    ...(takes('by') ? { by: maybe(draw(random, [5, 10, 20, 35, 50, 65, 95])) } : {}),
    ...(takes('boards') ? { boards: drawInt(random, 2, 4) } : {}),
    ...(takes('reversed') ? { reversed: drawInt(random, 0, 1) === 1 } : {}),
    ...(takes('rows') ? { rows: maybe(ownDay(random)) } : {}),
  }
}

/** A day as a family types it: any times of the day, noon left out, in any order, before or after what happens then. */
function ownDay(random: Random): string[] {
  const drawn = Array.from({ length: drawInt(random, 0, 15) }, () => drawInt(random, 0, 287) * 5)
  return [...new Set([...drawn.filter((minute) => !handsHidden(minute % 720)), 485])].map((minute, i) => {
    const time = `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
    return drawInt(random, 0, 1) === 1
      ? `${time} Ümit’s ${i % 3 === 0 ? 'long, long walk on the towpath' : 'doing'} ${i}`
      : `Ümit’s doing ${i}, ${time}`
  })
}
