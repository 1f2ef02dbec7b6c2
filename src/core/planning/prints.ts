import { type Activity, activityOf } from '../activities'
import { type Drawing, halfOf, twoOnASheet } from '../drawing'
import { attempt, RefusedValue } from '../errors'
import { RECIPE_KINDS, recipePagesFor, usualRecipe } from '../make'
import type { RungId } from '../teaching'
import { isPrintableId, printables } from '../printables'
import { nameIn, printedAs, told } from '../wording'
import { smallAnswers } from './answerPages'
import { usualWay } from './paperWay'
import { activitiesOf } from './rounds'
import { clocksToMake } from './toHand'
import type { SessionPlan } from './types'
import type { SessionRequest } from './request'
import { childSheets } from './sheetPrints'
import {
  type PrintJob,
  printLine,
  type PrintLine,
  type PrintSettings,
  type SessionPrints,
  stationPrints,
  tablePrints,
} from './printJobs'

/** All prints of a session: those of its activities, then what was put into it from the Print room. */
export function sessionPrints(
  plan: SessionPlan,
  request: SessionRequest,
  settings: PrintSettings,
  seed: number,
): SessionPrints {
  const wanted = [...new Set(plan.steps.flatMap((step) => (step.stations ? [] : [activityOf(step)])))]
  const stations = plan.steps.filter((step) => step.stations !== undefined)
  const withClocks = clocksToMake(plan, request) !== undefined
  const minutesOf = ({ id }: Activity) => plan.steps.find(({ activityId }) => activityId === id)?.minutes
  return printsOf(wanted, plan.rung, { request, settings, seed, withClocks, minutesOf, stations })
}

/**
 * The prints of some activities. Each printable is made once, however many of the activities use it: a sheet for every
 * child at that child's own rung, games and cards for every table at the group's rung. Where a printable does not suit
 * a rung, it is made for the hardest one before it that it suits.
 */
export function printsOf(all: readonly Activity[], rung: RungId, job: PrintJob): SessionPrints {
  // What was made in the Print room stands in the place of the usual one.
  const made = (job.settings.kept ?? []).map(({ body }) => body.printable)
  const wanted = all.filter(({ prints }) => !isPrintableId(prints) || !made.includes(prints))
  const clocks = clocksOf(wanted, job)
  const atStations = (job.stations ?? []).flatMap(activitiesOf)
  const sheets = childSheets([...new Set([...wanted, ...atStations])], job)
  // What is for some children only has nothing for the table.
  const isForAll = job.settings.way?.childIds === undefined
  const shared = isForAll ? [...tablePrints(wanted, rung, job), ...stationPrints(job)] : []
  const kept = isForAll ? (job.settings.kept ?? []).map(keptLine) : []
  const lines = [...shared, ...kept]
  return {
    pages: [
      ...clocks.flatMap(({ made }) => made),
      ...shared.flatMap(({ print }) => print.pages),
      ...sheets.flatMap(({ pages }) => pages),
      ...kept.flatMap(({ print }) => print.pages),
    ],
    keys: [...tableKeys(shared, job), ...sheets.flatMap(({ keys }) => keys), ...kept.flatMap(({ print }) => print.key)],
    items: [...lines.map(({ print }) => print), ...sheets.flatMap(({ prints }) => prints)].flatMap(
      ({ items }) => items,
    ),
    contents: [
      ...clocks.map(({ title, made }) => ({ title, pages: made.length })),
      ...shared.map(({ title, pages }) => ({ title, pages })),
      ...sheets.map(({ title, pages }) => ({ title, pages: pages.length })),
      ...kept.map(({ title, pages }) => ({ title, pages })),
    ],
  }
}

/** So many pages of answers to games are still spread at the tables as they are. */
const MOST_TABLE_KEYS = 4

/** The answers to what is at the tables: those of many tables are made smaller, where answers are to be short. */
function tableKeys(shared: readonly PrintLine[], { request, settings: { way, paper } }: PrintJob): readonly Drawing[] {
  const keys = shared.flatMap(({ print }) => print.key)
  const { answers } = way ?? usualWay(request.children.length)
  return answers === 'short' && keys.length > MOST_TABLE_KEYS ? smallAnswers(keys, paper) : keys
}

/** A print that was kept, made anew; one that can no longer be made is named, so that it can be taken out. */
function keptLine({ name, body: { printable, options, seed } }: NonNullable<PrintSettings['kept']>[number]): PrintLine {
  const { value, refusal } = attempt(() => printables[printable].make(options, seed))
  if (value) return printLine(name, value)
  const allowed = told('one that can still be made: change it in the Print room, or take it out of the session')
  throw new RefusedValue(told('the kept print “{0}”', name), allowed, refusal.message)
}

/** The clock that was chosen for the session, or a card clock where an activity needs one. */
function clocksOf(wanted: readonly Activity[], { request, settings, withClocks }: PrintJob) {
  const { recipe, wording, way } = settings
  if (!recipe && !withClocks && !wanted.some(({ prints }) => prints === 'paper-clock')) return []
  const names = request.children
    .filter(({ id }) => !way?.childIds || way.childIds.includes(id))
    .map((child) => child.name)
  const { two } = way ?? usualWay(request.children.length)
  const kind = recipe?.kind ?? 'card'
  return [
    {
      title: printedAs('{0}, one a child', wording, nameIn(wording, RECIPE_KINDS[kind].name)),
      made: recipe ? recipePagesFor(recipe, names, wording) : usualClocks(names, request, settings, two),
    },
  ]
}

/** Card clocks as usual; two on a sheet they are smaller, with the same holes and hands as wide. */
function usualClocks(
  names: readonly string[],
  { materials }: PrintJob['request'],
  { paper, lowInk, wording }: PrintSettings,
  two: boolean,
): Drawing[] {
  // Without fasteners the holes are made for what stands in for them.
  const fastener = materials.includes('fasteners') ? 'fastener' : 'hairpins'
  const usual = { ...usualRecipe('card'), fastener, lowInk } as const
  const half = two ? halfOf(paper) : undefined
  return half
    ? twoOnASheet(recipePagesFor({ ...usual, paper: half }, names, wording), paper)
    : recipePagesFor({ ...usual, paper }, names, wording)
}
