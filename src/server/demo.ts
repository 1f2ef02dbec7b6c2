import { type Day, type StartPlan, type Weekday, rowsOfLines } from '../core/days'
import type { ChildId, GroupId, SessionId } from '../core/ids'
import type { Place } from '../core/activities'
import { modulo, MS_PER_DAY } from '../core/clock'
import { type Answer, type Instant, type SimulatedChild, simulateSitting } from '../core/knowing'
import { type Obstacle, type Recipe, USUAL_YARD, type Yard, usualRecipe } from '../core/make'
import { type Pace, type SessionPlan, factorFor, paceOf, timingsOf } from '../core/planning'
import { editOf } from '../core/records'
import { SHELF, type Story, shelfMarks } from '../core/stories'
import { type Random, drawInt, drawUnit, randomFrom } from '../core/random'
import { type MisreadingId, type RungId, schools } from '../core/teaching'
import { parseTime } from '../core/wording'
import type { Db } from './connection'
import { createSession } from './planning'
import { recordAnswers } from './stores/answers'
import { addKept } from './stores/kept'
import { addGroup } from './stores/people'
import { editSession, finishSession } from './stores/sessions'
import { getSettings } from './stores/settings'

interface DemoChild {
  readonly name: string
  readonly age: number
  /** How many rungs of the school's order were firm before the first week. */
  readonly reached: number
  readonly misreadings: readonly MisreadingId[]
  readonly strength: number
  readonly slip: number
}

interface DemoGroup {
  readonly name: string
  /** 0 is Sunday, 6 Saturday. */
  readonly weekday: number
  readonly start: string
  readonly minutes: number
  readonly place: Place
  /** How much longer this group takes than the catalogue says. */
  readonly pace: number
  readonly children: readonly DemoChild[]
  readonly notes: readonly string[]
}

export interface Scenario {
  readonly seed: number
  readonly weeks: number
  readonly groups: readonly DemoGroup[]
  readonly recipes: readonly (Pick<Recipe, 'kind' | 'children' | 'spares' | 'fixed'> & { readonly name: string })[]
  readonly days: readonly {
    readonly name: string
    readonly weekdays: readonly Weekday[]
    /** Left out, the day is for everybody. */
    readonly group?: string
    readonly rows: readonly string[]
    readonly starts: readonly (Omit<StartPlan, 'deadline'> & { readonly deadline: string })[]
  }[]
  /** Stories of the shelf that were taken from it. */
  readonly stories: readonly string[]
  readonly yards: readonly {
    readonly name: string
    readonly widthMm: number
    readonly depthMm: number
    readonly turnDeg: number
    readonly tree: Omit<Obstacle, 'name'>
  }[]
}

/** In the first weeks each child is asked so many questions on every rung that the child knows already. */
const BASELINE_WEEKS = 2
const BASELINE_ANSWERS = 12
const WEEKLY_ANSWERS = 8
const REVIEW_ANSWERS = 2

/**
 * Fills an empty database with a scenario: groups, a session a week up to `now`, each planned from the
 * records there were on that day, with the answers of simulated children, and one session to come.
 */
export async function seedDemo(
  db: Db,
  scenario: Scenario,
  now: Instant,
): Promise<{ sessions: number; answers: number }> {
  const random = randomFrom(scenario.seed)
  const { school, materials } = await getSettings(db)
  const order = schools[school].order
  let sessions = 0
  let answered = 0
  const groupIds = new Map<string, GroupId>()
  for (const [place, group] of scenario.groups.entries()) {
    const ids = group.children.map(() => uuidFrom(random))
    const groupId = uuidFrom(random)
    groupIds.set(group.name, groupId)
    const start = parseTime(group.start, 'en-GB', { figures: 'day' })?.minute ?? 0
    const firstDay = nextWeekday(now, group.weekday) - scenario.weeks * 7 * MS_PER_DAY
    const newChildren = group.children.map(({ name, age }, i) => ({ id: ids[i] ?? '', name, age }))
    await addGroup(db, { id: groupId, name: group.name, childIds: [], newChildren }, firstDay + place * 1000)
    const held: SessionPlan[] = []
    const clock = randomFrom(scenario.seed + place)
    for (let week = 0; week <= scenario.weeks; week++) {
      const isToCome = week === scenario.weeks
      const day = firstDay + week * 7 * MS_PER_DAY
      const wish = {
        id: uuidFrom(random),
        groupId,
        date: new Date(day).toISOString().slice(0, 10),
        start,
        minutes: group.minutes,
        place: group.place,
        materials,
      }
      const session = await createSession(db, wish, isToCome ? now : day)
      sessions++
      if (isToCome) continue
      const at = Date.parse(`${wish.date}T00:00:00Z`) + start * 60_000
      const answers = group.children.flatMap((child, i) =>
        weekOf(random, child, { childId: ids[i] ?? '', sessionId: session.id, week, at }, order),
      )
      answered += (await recordAnswers(db, answers, now)).kept.length
      const timed = timedBy(clock, session.plan, group.pace, paceOf(timingsOf(held)))
      held.push(timed)
      await editSession(db, session.id, editOf({ ...session, plan: timed }))
      await finishSession(db, session.id, group.notes[week], at + group.minutes * 60_000)
    }
  }
  await seedMaking(db, scenario, random, now)
  await seedDays(db, scenario, groupIds, { random, now })
  await seedStories(db, scenario, random, now)
  return { sessions, answers: answered }
}

/** How much longer or shorter a step takes by chance, at most. */
const MOST_CHANCE = 0.2

/** The plan with how long each step took: by the catalogue's minutes, the group's own pace and chance. */
function timedBy(clock: Random, plan: SessionPlan, own: number, known: Pace): SessionPlan {
  return {
    ...plan,
    steps: plan.steps.map((step) => {
      const chance = 1 + MOST_CHANCE * (2 * drawUnit(clock) - 1)
      const minutes = (step.minutes / factorFor(step.activityId, known)) * own * chance
      return { ...step, tookSeconds: Math.max(1, Math.round(60 * minutes)) }
    }),
  }
}

/** Some clocks and a floor clock that were made before. */
async function seedMaking(db: Db, { recipes, yards }: Scenario, random: Random, now: Instant): Promise<void> {
  for (const { name, ...recipe } of recipes)
    await addKept(db, 'recipes', { id: uuidFrom(random), name, body: { ...usualRecipe(recipe.kind), ...recipe } }, now)
  for (const { name, widthMm, depthMm, turnDeg, tree } of yards) {
    const body: Yard = {
      ...USUAL_YARD,
      space: { kind: 'rectangle', widthMm, depthMm, obstacles: [{ name: 'tree', ...tree }] },
      turnDeg,
    }
    await addKept(db, 'yards', { id: uuidFrom(random), name, body }, now)
  }
}

/** Some stories of the shelf, as an adult takes them. */
async function seedStories(db: Db, { stories }: Scenario, random: Random, now: Instant): Promise<void> {
  for (const story of SHELF.filter(({ id }) => stories.includes(id))) {
    const { title, text } = story.told.en
    const marks = shelfMarks(text, 'en-GB')
    const body: Story = { language: 'en-GB', text, marks, questions: null, seed: 1 }
    await addKept(db, 'stories', { id: uuidFrom(random), name: title, body }, now)
  }
}

/** The days that the groups live by. */
async function seedDays(
  db: Db,
  { days }: Scenario,
  groupIds: ReadonlyMap<string, GroupId>,
  { random, now }: { readonly random: Random; readonly now: Instant },
): Promise<void> {
  for (const { name, weekdays, group, rows, starts } of days) {
    const groupId = group === undefined ? undefined : groupIds.get(group)
    const body: Day = {
      on: { kind: 'weekdays', days: weekdays },
      whose: groupId ? { kind: 'group', groupId } : { kind: 'everybody' },
      rows: rowsOfLines(rows, 'en-GB'),
      starts: starts.map((start) => ({ ...start, deadline: parseTime(start.deadline, 'en-GB')?.minute ?? 0 })),
    }
    await addKept(db, 'days', { id: uuidFrom(random), name, body }, now)
  }
}

/** The next such weekday, today included, at the same time of day. */
function nextWeekday(now: Instant, weekday: number): Instant {
  const ahead = modulo(weekday - new Date(now).getUTCDay(), 7)
  return now + ahead * MS_PER_DAY
}

interface Week {
  readonly childId: ChildId
  readonly sessionId: SessionId
  readonly week: number
  readonly at: Instant
}

/** What one child answers in one week: what is known already at first, then the rung being learnt. */
function weekOf(
  random: Random,
  child: DemoChild,
  { childId, sessionId, week, at }: Week,
  order: readonly RungId[],
): Answer[] {
  const known = order.slice(0, child.reached)
  const learning = order[child.reached] ?? order[order.length - 1]
  const sitting = (rung: RungId, count: number, offsetMinutes: number): Answer[] =>
    simulateSitting(random, childAt(child, known.includes(rung), week), {
      childId,
      sessionId,
      rung,
      count,
      at: at + offsetMinutes * 60_000,
      newId: () => uuidFrom(random),
    })
  if (week < BASELINE_WEEKS) return known.flatMap((rung, i) => sitting(rung, BASELINE_ANSWERS, i * 2))
  const review = known[week % known.length]
  return [
    ...(review ? sitting(review, REVIEW_ANSWERS, 0) : []),
    ...(learning ? sitting(learning, WEEKLY_ANSWERS, 5) : []),
  ]
}

/** The rung being learnt grows from week to week, and it is there that a misreading shows. */
function childAt(child: DemoChild, isKnown: boolean, week: number): SimulatedChild {
  const learnt = Math.min(0.95, 0.45 + 0.12 * (week - BASELINE_WEEKS))
  return {
    misreadings: isKnown ? [] : child.misreadings,
    strength: child.strength,
    slip: child.slip,
    knows: () => (isKnown ? 1 : learnt),
  }
}

/** A UUID (version 4) from the scenario's own seed, so that the demo is the same on every machine. */
function uuidFrom(random: Random): string {
  const hex = Array.from({ length: 32 }, () => drawInt(random, 0, 15).toString(16))
  hex[12] = '4'
  hex[16] = (8 + drawInt(random, 0, 3)).toString(16)
  return hex.join('').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
}
