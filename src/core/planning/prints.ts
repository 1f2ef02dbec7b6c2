import { activityOf } from '../activities'
import type { Drawing, PaperId } from '../drawing'
import { RECIPE_KINDS, type Recipe, recipePagesFor, usualRecipe } from '../make'
import { type Item, type MisreadingId, type RungId, rungTimes } from '../teaching'
import { type Print, type PrintableId, type SavedPrint, printables } from '../printables'
import type { Wording } from '../wording'
import { weightsOf, workingRung } from './need'
import type { SessionPlan, SessionRequest } from './types'

export interface PrintSettings {
  readonly paper: PaperId
  readonly wording: Wording
  readonly lowInk: boolean
  /** The clock that was chosen for the session; left out, a card clock on the paper of the house rules. */
  readonly recipe?: Recipe
  /** What was put into the session from the Print room. */
  readonly kept?: readonly { readonly name: string; readonly body: SavedPrint }[]
}

/** Everything a session prints: what the children get, then the keys. */
export interface SessionPrints {
  readonly pages: readonly Drawing[]
  readonly keys: readonly Drawing[]
  readonly items: readonly Item[]
  /** What is in it, a line each. */
  readonly contents: readonly { readonly title: string; readonly pages: number }[]
}

/** Prints once an activity, however often it is in the plan; sheets at each child's own rung. */
export function sessionPrints(
  plan: SessionPlan,
  request: SessionRequest,
  settings: PrintSettings,
  seed: number,
): SessionPrints {
  const wanted = new Set(plan.steps.map((step) => activityOf(step.activityId).prints))
  const pages: Drawing[] = []
  const keys: Drawing[] = []
  const items: Item[] = []
  const contents: { title: string; pages: number }[] = []
  const add = (title: string, print: Print) => {
    pages.push(...print.pages)
    keys.push(...print.key)
    items.push(...print.items)
    contents.push({ title, pages: print.pages.length })
  }
  if (settings.recipe || wanted.has('paper-clock')) {
    const { paper, lowInk } = settings
    const recipe = settings.recipe ?? { ...usualRecipe('card'), paper, lowInk }
    const clocks = recipePagesFor(
      recipe,
      request.children.map((child) => child.name),
    )
    pages.push(...clocks)
    contents.push({ title: `${RECIPE_KINDS[recipe.kind].name}, one a child`, pages: clocks.length })
  }
  if (wanted.has('match-cards')) {
    const tables = Math.ceil(request.children.length / (activityOf('match-cards').tableOf ?? 4))
    for (let table = 1; table <= tables; table++)
      add(
        tables > 1 ? `Match cards, set ${table}` : 'Match cards',
        print('match-cards', plan.rung, settings, seed + table, tables > 1 ? `table ${table}` : undefined),
      )
  }
  if (wanted.has('read-dials'))
    request.children.forEach((child, i) =>
      add(
        `Dials to read for ${child.name}`,
        print('read-dials', workingRung(child, request), settings, seed + 100 + i, child.name, weightsOf(child)),
      ),
    )
  for (const { name, body } of settings.kept ?? []) add(name, printables[body.printable].make(body.options, body.seed))
  return { pages, keys, items, contents }
}

function print(
  id: PrintableId,
  rung: RungId,
  settings: PrintSettings,
  seed: number,
  owner?: string,
  weights?: Partial<Record<MisreadingId, number>>,
): Print {
  const printable = printables[id]
  const count = Math.min(printable.usualItems, rungTimes(rung, {}).length)
  const helps = rung === 'fives' || rung === 'past-fives' ? 1 : 0
  return printable.make({ ...settings, rung, count, owner, helps, weights }, seed)
}
