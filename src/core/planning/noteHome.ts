import { type Activity, activityOf, activityWords } from '../activities'
import {
  type Drawing,
  type FlowBlock,
  MOSS,
  type PaperId,
  bodyArea,
  flowPages,
  paragraph,
  printable,
  stack,
} from '../drawing'
import {
  type PrintLooks,
  type PrintOptions,
  type PrintableId,
  countsOn,
  framedPage,
  printables,
  takenChoices,
} from '../printables'
import { type RungId, type School, pathOf } from '../teaching'
import { type Wording, printedAs } from '../wording'
import { CAN_DO } from './activityNotes'
import { workingRung } from './need'
import { clocksRow, pagePicture } from './noteClocks'
import type { PlanChild } from './request'

/** One game for home, the first that is for the rung. Each is for two, and needs little but its pages. */
const HOME_GAMES = [
  'turn-up-pairs',
  'minute-hops',
  'two-halves-cards',
  'pair-24-hours',
  'lay-a-day-in-order',
  'round-to-five-sheet',
  'how-long-sheet',
  'when-to-start-sheet',
  'say-the-ring',
] as const

/** The most that is told of what a child can do: what was learned last. */
const MOST_TOLD = 4

/** Where the picture of the game's page stands. */
const GAME_LEFT_MM = 4

export interface NoteWish extends PrintLooks {
  readonly child: PlanChild
  readonly school: School
  readonly paper: PaperId
  readonly wording: Wording
  readonly seed: number
}

function homeGame(rung: RungId): Activity {
  const id = HOME_GAMES.find((each) => activityOf(each).rungs.includes(rung))
  return activityOf(id ?? 'say-the-ring')
}

/**
 * A note home for one child: what the child can do now, what comes next, one game to play at home with its pages. In
 * the group's language, without numbers or odds, and nothing that went wrong.
 */
export function noteHomePages(wish: NoteWish): Drawing[] {
  const { child, school, paper, wording } = wish
  const next = workingRung(child, { school })
  const game = homeGame(next)
  const prints = gamePages(game, next, wish)
  const known = pathOf(school).filter((rung) => child.standing.firm.includes(rung) && rung !== next)
  const name = printable(child.name)
  const line = (text: string) => paragraph(paper, `–  ${text}`, { size: 5, above: 1 })
  const words = activityWords(game, wording.language, next)
  const can =
    known.length > 0
      ? [
          text(wish, printedAs('This is what {0} can do now:', wording, name)),
          ...known.slice(-MOST_TOLD).map((rung) => line(printedAs(CAN_DO[rung], wording))),
        ]
      : [text(wish, printedAs('{0} has begun to look at clocks. Everything is still to come.', wording, name))]
  const look: PrintOptions = { paper, wording, rung: next, lowInk: wish.lowInk, count: 1 }
  const blocks: FlowBlock[] = [
    ...can,
    clocksRow(known.slice(-MOST_TOLD), look, wish.seed),
    heading(wish, printedAs('This is what comes next:', wording)),
    line(printedAs(CAN_DO[next], wording)),
    heading(wish, printedAs('Something to play together', wording)),
    paragraph(paper, words.name, { size: 5, weight: 'bold', above: 2 }),
    ...words.steps.map((step, i) => paragraph(paper, `${i + 1}.  ${step}`, { size: 5, indent: 4, above: 1 })),
    text(wish, printedAs('Say: “{0}”', wording, words.say)),
    ...(prints.length > 0 ? [text(wish, printedAs('The pages for it are with this note.', wording))] : []),
    text(wish, printedAs('A few minutes are enough. Stop while it is still fun.', wording)),
  ]
  const written = stack(blocks)
  const room = bodyArea(paper).height - written.height
  const whole = stack([written, pagePicture(prints[0], room, GAME_LEFT_MM)])
  const note = flowPages(paper, [whole]).map((body) =>
    framedPage(
      { ...wish, picture: wish.child.picture },
      {
        title: printedAs('Telling the time: {0}', wording, name),
        footer: `Ripe Acorn · ${printedAs('note home', wording)}`,
        body,
      },
    ),
  )
  return [...note, ...prints]
}

const text = ({ paper }: NoteWish, words: string) => paragraph(paper, words, { size: 5, above: 2 })

const heading = ({ paper }: NoteWish, words: string) =>
  paragraph(paper, words, { size: 5.6, weight: 'bold', above: 5, fill: MOSS })

/** The pages of the game, without a key: the family looks at the clock together. */
function gamePages(
  { prints }: Activity,
  rung: RungId,
  { paper, wording, lowInk, grey, look, seed }: NoteWish,
): readonly Drawing[] {
  if (prints === 'none' || prints === 'paper-clock') return []
  const made = printables[prints satisfies PrintableId]
  const choices = takenChoices(made, rung, { lowInk, grey, look })
  return made.make({ paper, wording, rung, count: countsOn(made, rung).usual, ...choices }, seed).pages
}
