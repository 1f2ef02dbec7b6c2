import { type Activity, type WordsOnRung, activityWords, catalogue } from '../activities'
import {
  bodyArea,
  type Drawing,
  type FlowBlock,
  flowPages,
  group,
  INK,
  makePage,
  type PaperId,
  paragraph,
} from '../drawing'
import { type PrintableId, printableOf } from '../printables'
import { type RungId, rungOf } from '../teaching'
import { onTheTable, TABLE_PICTURE_MM } from './onTheTable'
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

/** Round a table where an activity does not say how many play together. */
const USUAL_PLAYERS = 4

/** How the game lies on the table when it begins, under what it says there; none where it is not played round one. */
function tableBlock(id: PrintableId, { rung, paper, wording }: PlayPages, cards: number): FlowBlock[] {
  const laid = onTheTable(id, { cards, players: playedBy(id, rung)?.tableOf ?? USUAL_PLAYERS })
  if (!laid) return []
  const says = printedAs('How it lies on the table when {0} play', wording, laid.players)
  const said = cards > 0 ? `${says}: ${printedAs('{0} cards', wording, cards)}` : says
  const middle = bodyArea(paper).width / 2
  return [
    { ...paragraph(paper, said, { size: 5, above: 8, fill: INK }), goesWithNext: true },
    {
      height: TABLE_PICTURE_MM + 6,
      shapes: [group(laid.shapes, { part: 'on-the-table', x: middle, y: TABLE_PICTURE_MM / 2 + 4 })],
    },
  ]
}

/** The rules of play as pages, to be printed with the game and its so many cards; none for a sheet. */
export function howToPlayPages(id: PrintableId, look: PlayPages, cards: number): Drawing[] {
  const { rung, paper, wording } = look
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
    ...tableBlock(id, look, cards),
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
