import { told } from '../core/wording'
import { said } from '../words/i18n'
import Joi from 'joi'
import { type Day, inOrder } from '../core/days'
import type { Drawing } from '../core/drawing'
import { attempt } from '../core/errors'
import type { Instant } from '../core/knowing'
import { DAY_THINGS, DAY_THING_IDS, type DayPrintWish, type DayThingId, dayPrints, workingRung } from '../core/planning'
import { printableOf, startCard } from '../core/printables'
import { type PrintCheck, looksOf, rulesFor, rulesForDay, wordingOf } from '../core/records'
import { schools } from '../core/teaching'
import type { Db } from './connection'
import { planChildren } from './planning'
import { Problem } from './problem'
import { shape } from './shape'
import { getKept } from './stores/kept'
import { getGroup, listGroups } from './stores/people'
import { getSettings } from './stores/settings'
import { checked } from './validate'

interface DayPagesWish {
  readonly things: DayThingId[]
  readonly group?: string
  readonly rounded: boolean
  readonly seed: number
}

const dayPagesWish = shape<DayPagesWish>({
  things: Joi.array()
    .items(Joi.string().valid(...DAY_THING_IDS))
    .unique()
    .min(1)
    .required(),
  group: Joi.string().guid(),
  rounded: Joi.boolean().required(),
  seed: Joi.number().integer().min(0).max(1_000_000_000).required(),
})

interface DayPaperWish {
  readonly db: Db
  readonly id: string
  readonly query: URLSearchParams
  readonly now: Instant
}

/**
 * Why what was chosen cannot be made of the day, and what to look out for when it is cut out and played with. Each thing
 * is made once to see; for one child, since a day that suits one suits all.
 */
export async function checkDayPages(asked: DayPaperWish): Promise<PrintCheck> {
  const { wish } = await dayPrintWish(asked)
  const problems = wish.things.flatMap((thing) => {
    const { refusal } = attempt(() => dayPrints({ ...wish, things: [thing], children: wish.children.slice(0, 1) }))
    return refusal ? [`${said(DAY_THINGS[thing].name)}: ${said(refusal.says)}.`] : []
  })
  const cautions = new Set(wish.things.flatMap((thing) => printableOf(DAY_THINGS[thing].printable).cautions))
  return { problems, cautions: [...cautions] }
}

const rulesOfDay = async (db: Db, { whose }: Day) => rulesForDay(await getSettings(db), await listGroups(db), whose)

/** What was chosen of a day, for a group where one is named: each child at the rung that it works on. */
export async function dayPrintWish({
  db,
  id,
  query,
  now,
}: DayPaperWish): Promise<{ wish: DayPrintWish; title: string }> {
  const asked = checked(dayPagesWish, { ...Object.fromEntries(query), things: query.getAll('things') })
  const { name, body } = await getKept<Day>(db, 'days', id)
  const group = asked.group ? await getGroup(db, asked.group) : undefined
  const settings = group ? rulesFor(await getSettings(db), group) : await rulesOfDay(db, body)
  const school = schools[settings.school]
  const children = group ? await planChildren(db, group.childIds, settings, now) : []
  const wish: DayPrintWish = {
    title: group ? `${name}, ${group.name}` : name,
    paper: settings.paper,
    ...looksOf(settings),
    wording: wordingOf(settings),
    rows: inOrder(body.rows),
    things: asked.things,
    children: children.map((child) => ({
      name: child.name,
      picture: child.picture,
      rung: workingRung(child, { school }),
    })),
    isRounded: asked.rounded,
    order: school.order,
    seed: asked.seed,
  }
  return { wish, title: name }
}

/** The card of one of the day's starts, by its place in the list. */
export async function startCardPages(db: Db, id: string, query: URLSearchParams): Promise<Drawing[]> {
  const { body } = await getKept<Day>(db, 'days', id)
  const at = Number(query.get('at') ?? 0)
  const plan = body.starts[at]
  if (!plan)
    throw new Problem(400, told('Nothing to print'), {
      field: 'at',
      detail: told('at must be one of the day’s {0} plans of when to start, counted from 0.', body.starts.length),
    })
  const settings = await rulesOfDay(db, body)
  return [startCard(plan, { paper: settings.paper, wording: wordingOf(settings), ...looksOf(settings) })]
}
