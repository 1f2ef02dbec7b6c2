import type { DayRow } from '../../../src/core/days'
import { handsHidden } from '../../../src/core/clock'
import {
  OPTION_IDS,
  PRINT_OPTIONS,
  type Print,
  type PrintChoices,
  type PrintOption,
  type PrintOptions,
  type Printable,
  type PrintableId,
  countsOn,
  takenChoices,
} from '../../../src/core/printables'
import { type Random, draw, drawInt } from '../../../src/core/random'
import { type RungId, rungs } from '../../../src/core/teaching'
import { LANGUAGE_IDS } from '../../../src/core/wording'
import { checkBacks, withBacks, withoutLetters } from './backs'
import { checkBox, isBoxPage } from './box'
import { cardCheckers } from './cards'
import { dayCheckers } from './days'
import { checkFrame } from './frame'
import { gameCheckers } from './games'
import { checkPages, readPrint } from './reading'
import { sheetCheckers } from './sheets'

const checkers: Record<PrintableId, (read: ReturnType<typeof readPrint>) => void> = {
  ...sheetCheckers,
  ...gameCheckers,
  ...cardCheckers,
  ...dayCheckers,
}

/** What is wrong with a print, read back from its SVG; empty for one that is right. */
export function problemsOf(id: PrintableId, print: Print, options: PrintOptions): string[] {
  const read = readPrint(print, withBacks(options))
  checkPages(read)
  checkBox(read)
  checkBacks(read)
  checkFrame(print, options, read.expect)
  checkers[id]({ ...read, pages: withoutLetters(read.pages.filter((page) => !isBoxPage(page))) })
  return read.problems
}

export function rungsOf(printable: Printable): RungId[] {
  return rungs.map(({ id }) => id).filter(printable.suits)
}

/** Any options that a person can choose for a printable on a rung, drawn from the core's own table of options. */
export function drawnOptions(random: Random, printable: Printable, rung: RungId): PrintOptions {
  const { least, most } = countsOn(printable, rung)
  const count = drawInt(random, least, most)
  const chosen = Object.fromEntries(
    OPTION_IDS.map((id) => [id, drawnValue(random, PRINT_OPTIONS[id], { rung, printable })]),
  )
  const choices = takenChoices(printable, rung, chosen)
  return {
    paper: draw(random, ['a4', 'letter'] as const),
    wording: {
      language: draw(random, LANGUAGE_IDS),
      form: draw(random, ['turns', 'minutes-past', 'digital'] as const),
    },
    rung,
    count,
    ...choices,
    ...narrowed(random, choices, count),
    // A sheet of A4 is too small for the box of many large cards.
    ...(choices.size === 'large' && { box: undefined }),
  }
}

/** The sizes that the cards of a printable come in, where those are not all. */
const sizesOf = ({ sizes }: Printable, option: PrintOption) => (option === PRINT_OPTIONS.size ? sizes : undefined)

/** A value of an option, or none where it may be left out. */
interface DrawnFor {
  readonly rung: RungId
  readonly printable: Printable
}

function drawnValue(random: Random, option: PrintOption, { rung, printable }: DrawnFor): unknown {
  const maybe = <T>(value: T): T | undefined => (drawInt(random, 0, 1) === 0 ? value : undefined)
  const suited = <T>(values: readonly T[]) => values.filter((value) => option.limit?.suits(value, rung) ?? true)
  switch (option.type) {
    case 'choice':
      return option.usual === undefined
        ? draw(random, [undefined, ...Object.keys(option.values)])
        : draw(random, suited(sizesOf(printable, option) ?? Object.keys(option.values)))
    case 'level':
      return draw(random, suited(option.values))
    case 'whole':
      return maybe(drawInt(random, option.least / option.step, option.most / option.step) * option.step)
    case 'flag':
      return drawInt(random, 0, 1) === 1
    case 'text':
      return maybe('Odalys of the long boat')
    case 'picture':
      return maybe(draw(random, ['ball', 'u1f98a']))
    case 'rows':
      return maybe(ownDay(random, printable.leastRows ?? 1))
    case 'numbers':
      return maybe(Array.from({ length: drawInt(random, 1, option.most) }, () => drawInt(random, 1, option.largest)))
    case 'weights':
      return maybe({ [draw(random, option.names)]: drawInt(random, 1, 8) })
  }
}

/**
 * Choices that are each possible but not together are drawn again: sectors that their words need wider, boards and
 * steps that there are too few of.
 */
function narrowed(
  random: Random,
  { covers = 'dials', sectors, boards, by, helps = 0 }: PrintChoices,
  count: number,
): PrintChoices {
  // Clocks need wider sectors than words do, and still wider ones with the ring of fives.
  const widest = covers === 'dials' ? draw(random, [3, 5]) : helps > 0 ? 1 : 2
  const canDiffer = covers === 'dials' || count <= 8
  return {
    ...(sectors && {
      sectors: canDiffer ? Array.from({ length: count }, () => drawInt(random, 1, widest)) : undefined,
    }),
    ...(boards && { boards: drawInt(random, 2, 4) }),
    // Twelve clocks in a row are only all different where the step does not come round sooner.
    ...(by && { by: draw(random, [5, 10, 20, 35, 50, 65, 95]) }),
  }
}

/** A day of any times, noon left out, some with an end. */
function ownDay(random: Random, least: number): DayRow[] {
  const drawn = Array.from({ length: drawInt(random, 0, 15) }, () => drawInt(random, 0, 287) * 5)
  const enough = Array.from({ length: least - 1 }, (_, i) => 400 + 75 * i)
  const minutes = [...new Set([...[...drawn, ...enough].filter((minute) => !handsHidden(minute % 720)), 485])].sort(
    (a, b) => a - b,
  )
  return minutes.map((minute, i) => {
    const end = drawInt(random, 0, 2) === 0 ? minute + drawInt(random, 1, 20) * 5 : 1440
    // An end with hidden hands would be drawn on a clock.
    const isSeen = end < 1440 && !handsHidden(end % 720)
    const isLong = drawInt(random, 0, 1) === 1 && i % 3 === 0
    const what = `Ümit’s ${isLong ? 'long, long walk on the towpath' : 'doing'} ${i}`
    return { minute, ...(isSeen && { to: end }), what }
  })
}
