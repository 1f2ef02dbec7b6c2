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
import {
  childPrints,
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
  const kept = (job.settings.kept ?? []).map(keptLine)
  const atStations = (job.stations ?? []).flatMap(activitiesOf)
  const sheets = childPrints([...new Set([...wanted, ...atStations])], job)
  const lines = [...tablePrints(wanted, rung, job), ...stationPrints(job), ...sheets, ...kept]
  return {
    pages: [...clocks.flatMap(({ made }) => made), ...lines.flatMap(({ print }) => print.pages)],
    keys: lines.flatMap(({ print }) => print.key),
    items: lines.flatMap(({ print }) => print.items),
    contents: [
      ...clocks.map(({ title, made }) => ({ title, pages: made.length })),
      ...lines.map(({ title, pages }) => ({ title, pages })),
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
  const names = request.children.map((child) => child.name)
  return [
    {
      title: printedAs('{0}, one a child', wording, nameIn(wording, RECIPE_KINDS[chosen.kind].name)),
      made: recipePagesFor(chosen, names, wording),
    },
  ]
}
