import { type Activity, type WordsOnRung, activityWords, catalogue } from '../activities'
import { type Drawing, type FlowBlock, flowPages, INK, makePage, type PaperId, paragraph } from '../drawing'
import { type PrintableId, printableOf } from '../printables'
import { type RungId, rungOf } from '../teaching'
import { barText, nameIn, printedAs, type Wording } from '../wording'

/** How a game or a set of cards is played, in the group's language. */
export type HowToPlay = WordsOnRung<string>

/** The activity that plays a printable on a rung, or the first one that plays it at all. */
function playedBy(id: PrintableId, rung: RungId): Activity | undefined {
  const all = catalogue.filter(({ prints }) => prints === id)
  return all.find(({ rungs }) => rungs.includes(rung)) ?? all[0]
}

/** Undefined for a sheet, which says itself what to do, and for what no activity plays. */
export function howToPlay(id: PrintableId, rung: RungId, { language }: Wording): HowToPlay | undefined {
  if (printableOf(id).kind === 'sheet') return undefined
  const activity = playedBy(id, rung)
  return activity && activityWords(activity, language, rung)
}

interface PlayPages {
  readonly rung: RungId
  readonly paper: PaperId
  readonly wording: Wording
}

/** The rules of play as pages, to be printed with the game; none for a sheet. */
export function howToPlayPages(id: PrintableId, { rung, paper, wording }: PlayPages): Drawing[] {
  const rules = howToPlay(id, rung, wording)
  if (!rules) return []
  const text = (line: string, above = 3): FlowBlock => paragraph(paper, line, { size: 5, above, fill: INK })
  const blocks = [
    paragraph(paper, rules.name, { size: 6.5, weight: 'bold', fill: INK }),
    ...rules.steps.map((step, i) => text(`${i + 1}. ${step}`)),
    text(printedAs('Say: “{0}”', wording, rules.say), 8),
    text(printedAs('Look for: {0}', wording, rules.lookFor)),
    text(printedAs('Easier: {0}', wording, rules.easier)),
    text(printedAs('Harder: {0}', wording, rules.harder)),
  ]
  const name = nameIn(wording, printableOf(id).name)
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      title: printedAs('How to play: {0}', wording, name),
      footer: ['Ripe Acorn', name, nameIn(wording, rungOf(rung).name)].join(' · '),
      bar: barText(wording),
      body,
    }),
  )
}
