import { type Drawing, type FlowBlock, flowPages, INK, makePage, type SheetId, paragraph, stack } from '../../drawing'
import { type Item, type Misreading, type MisreadingId, misreadings, type RungId, rungOf } from '../../teaching'
import { sayAnswer, wrongAnswers } from '../../teaching'
import { barText, nameIn, printedAs, type Wording } from '../../wording'

/** A question as whoever marks it sees it: its answer, and each wrong one with the misreadings that lead to it. */
export interface MarkedQuestion {
  readonly answer: string
  readonly wrong: readonly { readonly said: string; readonly by: readonly MisreadingId[] }[]
}

/** A question of a sheet, with every misreading that shows in it, by the answer that it leads to. */
export function markedQuestion(item: Item, wording: Wording): MarkedQuestion {
  const found = new Map<string, MisreadingId[]>()
  for (const misreading of misreadings)
    for (const value of wrongAnswers(misreading, item)) {
      const said = sayAnswer(item, value, wording)
      const before = found.get(said) ?? []
      if (!before.includes(misreading.id)) found.set(said, [...before, misreading.id])
    }
  return {
    answer: sayAnswer(item, item.answer, wording),
    wrong: [...found].map(([said, by]) => ({ said, by })),
  }
}

/** One sheet in a marking guide; whose it is stands over it where the guide is for several. */
export interface MarkedSheet {
  readonly heading?: string
  readonly questions: readonly MarkedQuestion[]
}

interface GuidePages {
  readonly paper: SheetId
  readonly wording: Wording
  readonly footer: string
}

/** The marked sheets of one step. */
export interface Guide {
  readonly rung: RungId
  readonly sheets: readonly MarkedSheet[]
}

/** Between one step and the next, mm. */
const NEXT_STEP_MM = 4

interface GuidePlace extends Pick<GuidePages, 'paper' | 'wording'> {
  /** Left free over the heading, mm. */
  readonly above: number
}

/** What each wrong answer means, for the adult: one step after the other, on as many pages as that takes. */
export function guidePages(guides: readonly Guide[], { paper, wording, footer }: GuidePages): Drawing[] {
  const blocks = guides.flatMap((guide, i) => guideBlocks(guide, { paper, wording, above: i === 0 ? 0 : NEXT_STEP_MM }))
  return flowPages(paper, blocks).map((body) =>
    makePage({ paper, bar: barText(wording), title: printedAs('Marking guide', wording), footer, body }),
  )
}

/** The misreadings of a step with a letter each, then a line for each question of each sheet. */
function guideBlocks({ rung, sheets }: Guide, { paper, wording, above }: GuidePlace): FlowBlock[] {
  const letters = lettersFor(sheets)
  const heading = paragraph(
    paper,
    printedAs(
      '{0}: what a wrong answer means. Any other is a slip, or something new: ask how it was found.',
      wording,
      nameIn(wording, rungOf(rung).name),
    ),
    { size: 4.6, fill: INK, above },
  )
  const legend = [...letters].map(([{ does }, letter]) =>
    paragraph(paper, `${letter} – ${nameIn(wording, does)}`, { size: 4, indent: 4 }),
  )
  return [heading, ...legend, ...sheets.map((sheet) => sheetBlock(sheet, paper, letters))]
}

/** A letter for each misreading that leads to some wrong answer, in the order of their table. */
function lettersFor(sheets: readonly MarkedSheet[]): ReadonlyMap<Misreading, string> {
  const met = new Set(
    sheets.flatMap(({ questions }) => questions.flatMap(({ wrong }) => wrong.flatMap(({ by }) => by))),
  )
  const used = misreadings.filter(({ id }) => met.has(id))
  return new Map(used.map((misreading, i) => [misreading, String.fromCodePoint(65 + i)]))
}

function sheetBlock(
  { heading, questions }: MarkedSheet,
  paper: SheetId,
  letters: ReadonlyMap<Misreading, string>,
): FlowBlock {
  const lettersOf = (by: readonly MisreadingId[]) =>
    [...letters].filter(([{ id }]) => by.includes(id)).map(([, letter]) => letter)
  const line = ({ answer, wrong }: MarkedQuestion, i: number) => {
    const told = wrong.map(({ said, by }) => `${said}: ${lettersOf(by).join(', ')}`).join(' · ')
    return paragraph(paper, `${i + 1}. ${answer}${told && ` — ${told}`}`, { size: 3.3, above: 0.4, indent: 4 })
  }
  const title = heading ? [paragraph(paper, heading, { size: 4.2, weight: 'bold', above: 2, fill: INK })] : []
  return stack([...title, ...questions.map(line)])
}
