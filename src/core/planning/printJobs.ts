import { type Activity, durationRange, tablesFor } from '../activities'
import type { Drawing, PaperId } from '../drawing'
import type { Recipe } from '../make'
import type { Item, RungId } from '../teaching'
import {
  countsOn,
  isPrintableId,
  type Print,
  type Printable,
  type PrintableId,
  printables,
  type PrintChoices,
  type PrintLooks,
  type ChosenOptions,
  type SavedPrint,
  takenChoices,
} from '../printables'
import { nameIn, printedAs, type Wording } from '../wording'
import { fittedFor, type Played } from './fitPrints'
import { rungFor } from './need'
import { activitiesOf, roundMinutes } from './rounds'
import type { PaperWay } from './paperWay'
import { rungAtStation } from './stationsFor'
import type { PlanStep } from './types'
import type { SessionRequest } from './request'

export interface PrintSettings extends PrintLooks {
  readonly lowInk: boolean
  readonly paper: PaperId
  readonly wording: Wording
  /** The clock that was chosen for the session; left out, a card clock on the paper of the house rules. */
  readonly recipe?: Recipe
  /** How it is put on paper; left out, as is usual for so many children. */
  readonly way?: PaperWay
  /** What was put into the session from the Print room. */
  readonly kept?: readonly { readonly name: string; readonly body: SavedPrint }[]
}

/** Everything a session prints: what the children get, then the keys. */
export interface SessionPrints {
  readonly pages: readonly Drawing[]
  readonly keys: readonly Drawing[]
  readonly items: readonly Item[]
  /** What is in it, a line each, in the group's language. */
  readonly contents: readonly { readonly title: string; readonly pages: number }[]
}

export type PrintLine = SessionPrints['contents'][number] & { readonly print: Print }

/** For whom and how the prints of a session are made. */
export interface PrintJob {
  readonly request: Pick<SessionRequest, 'children' | 'school' | 'materials'>
  readonly settings: PrintSettings
  readonly seed: number
  /** Clocks to turn are made beforehand, and printed with the rest. */
  readonly withClocks?: boolean
  /** Steps with stations: each team has its own set of what is at a station. */
  readonly stations?: readonly PlanStep[]
  /** How long an activity lasts in the session; left out, as usual. */
  readonly minutesOf?: (activity: Activity) => number | undefined
}

/** One line of what a session prints. */
export function printLine(title: string, print: Print): PrintLine {
  return { title, pages: print.pages.length, print }
}

/** Who gets one of a print. */
const shareOf = ({ kind, forEachChild }: Printable): 'a table' | 'a child' =>
  kind === 'sheet' || forEachChild ? 'a child' : 'a table'

/** The printables of some activities that are shared out in this way, each with an activity that uses it. */
export function printedBy(wanted: readonly Activity[], share: 'a table' | 'a child') {
  const found = new Map<PrintableId, Activity>()
  for (const activity of wanted)
    if (isPrintableId(activity.prints) && shareOf(printables[activity.prints]) === share)
      found.set(activity.prints, found.get(activity.prints) ?? activity)
  return [...found].map(([id, activity], place) => ({ printable: printables[id], activity, place }))
}

/** Between the seeds of one printable and the next; more than there are children or tables. */
export const SEEDS_APART = 1000
/** The seeds of teams at stations come after those of the children. */
const STATION_SEEDS_FROM = 500
/** The seeds of children's sheets come after those of the tables. */
export const CHILD_SEEDS_FROM = 100

/** Below this age hands are small, and cards and boards large. */
const LARGE_CARDS_BELOW = 5

/** How cards and boards are cut for the youngest who plays with them. */
function cutFor(children: readonly { readonly age?: number }[]): Pick<PrintChoices, 'size' | 'wholePage'> {
  const isYoung = children.some(({ age }) => age !== undefined && age < LARGE_CARDS_BELOW)
  return isYoung ? { size: 'large', wholePage: true } : {}
}

/** What is printed once for each table. */
export function tablePrints(wanted: readonly Activity[], rung: RungId, job: PrintJob): PrintLine[] {
  const { request, settings, seed } = job
  const { wording } = settings
  return printedBy(wanted, 'a table').flatMap(({ printable, activity, place }) => {
    const { tables, players } = tablesFor(activity, request.children.length)
    const suited = rungFor(printable, rung, request.school)
    const minutes = job.minutesOf?.(activity) ?? durationRange(activity, request.children.length).usual
    const played = { activity, players, minutes }
    const cut = cutFor(request.children)
    return Array.from({ length: tables }, (_, i) => {
      const owner = tables > 1 ? printedAs('table {0}', wording, i + 1) : undefined
      const name = nameIn(wording, printable.name)
      const title = tables > 1 ? printedAs('{0}, set {1}', wording, name, i + 1) : name
      return printLine(
        title,
        printOf(printable, { rung: suited, owner, seed: seed + SEEDS_APART * place + i + 1, played, ...cut }, settings),
      )
    })
  })
}

/** What is at the stations: a set for each team, at the rung at which the team does it. */
export function stationPrints({ stations = [], request, settings, seed }: PrintJob): PrintLine[] {
  const { wording } = settings
  return stations.flatMap((step, s) =>
    printedBy(activitiesOf(step), 'a table').flatMap(({ printable, activity, place }) =>
      (step.stations?.teams ?? []).map(({ rung, childIds }, team) => {
        const suited = rungFor(printable, rungAtStation(activity, rung, request.school) ?? rung, request.school)
        const owner = printedAs('team {0}', wording, team + 1)
        const played = { activity, players: Math.max(1, childIds.length), minutes: roundMinutes(step) }
        const own = {
          rung: suited,
          owner,
          seed: seed + SEEDS_APART * place + STATION_SEEDS_FROM + 10 * s + team,
          played,
          ...cutFor(request.children),
        }
        const title = printedAs('{0}, for {1}', wording, nameIn(wording, printable.name), owner)
        return printLine(title, printOf(printable, own, settings))
      }),
    ),
  )
}

interface OnePrint extends PrintChoices {
  readonly rung: RungId
  readonly seed: number
  /** Who plays it, and how long; left out for a child's own sheet. */
  readonly played?: Played & { readonly activity: Activity }
}

function printOf(printable: Printable, { rung, seed, played, ...own }: OnePrint, settings: PrintSettings): Print {
  const options = optionsFor(printable, { rung, ...own }, settings)
  const fitted = played ? fittedFor(printable, played.activity, options, played) : {}
  return printable.make({ ...options, ...fitted }, seed)
}

/** The options of a print of a session: as usual on its rung, with the helps that the rung begins with. */
export function optionsFor(
  printable: Printable,
  { rung, ...own }: PrintChoices & { readonly rung: RungId },
  { paper, wording, lowInk, grey, look }: PrintSettings,
): ChosenOptions {
  const helps = rung === 'fives' || rung === 'past-fives' ? 1 : 0
  const choices = takenChoices(printable, rung, { ...own, helps, lowInk, grey, look })
  return { paper, wording, rung, count: countsOn(printable, rung).usual, ...choices }
}
