import { type Activity, activityOf } from '../activities'
import { attempt, RefusedValue } from '../errors'
import { RECIPE_KINDS, recipePagesFor, usualRecipe } from '../make'
import type { RungId } from '../teaching'
import { isPrintableId, printables } from '../printables'
import { nameIn, printedAs } from '../wording'
import { activitiesOf } from './rounds'
import { clocksToMake } from './toHand'
import type { SessionPlan } from './types'
import type { SessionRequest } from './request'
import { childSheets } from './sheetPrints'
import {
  type Job,
  printLine,
  type Line,
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
export function printsOf(all: readonly Activity[], rung: RungId, job: Job): SessionPrints {
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
    keys: [
      ...shared.flatMap(({ print }) => print.key),
      ...sheets.flatMap(({ keys }) => keys),
      ...kept.flatMap(({ print }) => print.key),
    ],
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

/** A print that was kept, made anew; one that can no longer be made is named, so that it can be taken out. */
function keptLine({ name, body: { printable, options, seed } }: NonNullable<PrintSettings['kept']>[number]): Line {
  const { value, refusal } = attempt(() => printables[printable].make(options, seed))
  if (value) return printLine(name, value)
  const allowed = 'one that can still be made: change it in the Print room, or take it out of the session'
  throw new RefusedValue(`the kept print “${name}”`, allowed, refusal.message)
}

/** The clock that was chosen for the session, or a card clock where an activity needs one. */
function clocksOf(wanted: readonly Activity[], { request, settings, withClocks }: Job) {
  const { recipe, paper, lowInk, wording } = settings
  if (!recipe && !withClocks && !wanted.some(({ prints }) => prints === 'paper-clock')) return []
  // Without fasteners the holes are made for what stands in for them.
  const fastener = request.materials.includes('fasteners') ? 'fastener' : 'hairpins'
  const chosen = recipe ?? { ...usualRecipe('card'), fastener, paper, lowInk }
  const ids = settings.way?.childIds
  const names = request.children.filter(({ id }) => !ids || ids.includes(id)).map((child) => child.name)
  return [
    {
      title: printedAs('{0}, one a child', wording, nameIn(wording, RECIPE_KINDS[chosen.kind].name)),
      made: recipePagesFor(chosen, names, wording),
    },
  ]
}
