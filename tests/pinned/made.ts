import { createHash } from 'node:crypto'
import { fillTurns, leastTurns, playTime, playersTurns, refilledTurns } from '../../src/core/chance'
import { type DialOptions, dialShapes, jumpLine, numberLine } from '../../src/core/faces'
import {
  RECIPE_KINDS,
  type Recipe,
  type RecipeKind,
  USUAL_YARD,
  amountsFor,
  assembledReach,
  assembledShapes,
  checkRecipe,
  makingCard,
  makingSteps,
  recipePages,
  solveRecipe,
  usualRecipe,
  walkCalls,
  yardPages,
} from '../../src/core/make'
import { attempt } from '../../src/core/errors'
import { diagnose, nextQuestion, simulateSitting, standingOf, suggestTogether, whyNot } from '../../src/core/knowing'
import { checkPlan, fetchList, planSession, runSheetPages, shelf } from '../../src/core/planning'
import { type Printable, printables } from '../../src/core/printables'
import { randomFrom } from '../../src/core/random'
import {
  type Item,
  type RungId,
  asksOf,
  explain,
  itemPool,
  misreadings,
  rungs,
  sayAnswer,
  schools,
  withChoices,
} from '../../src/core/teaching'
import {
  LANGUAGE_IDS,
  type LanguageId,
  WORDING_FORMS,
  languages,
  parseTime,
  say,
  told,
  type Told,
  inEnglish,
} from '../../src/core/wording'
import { drawnOptions, rungsOf } from '../readback/prints'

/*
 * What the app makes of fixed wishes, each thing as a short fingerprint. A change that is not meant shows at once, and
 * names the thing that changed; whether it is right, the other tests say.
 */

const PLACES = 4
const SEEDS = [1, 2]
const NOW = Date.UTC(2026, 10, 20, 9)
const GB = { language: 'en-GB', form: 'turns' } as const

/** Numbers to four places, since the last ones may differ from one processor to another. */
function tidied(_key: string, value: unknown): unknown {
  if (typeof value === 'number') return Number(value.toFixed(PLACES)) + 0
  if (value instanceof Float64Array) return [...value]
  return isTold(value) ? inEnglish(value) : value
}

/** A text with what fills its places counts as the English that it is. */
const isTold = (value: unknown): value is Told =>
  typeof value === 'object' && value !== null && Object.keys(value).join() === 'text,values'

const fingerprint = (value: unknown) =>
  createHash('sha256').update(JSON.stringify(value, tidied)).digest('hex').slice(0, 16)

function printed(printable: Printable): unknown {
  return rungsOf(printable).flatMap((rung) =>
    SEEDS.map((seed) => {
      const options = drawnOptions(randomFrom(seed), printable, rung)
      return attempt(() => [printable.make(options, seed), printable.notes?.(options, seed)]).value
    }),
  )
}

const LOOKS: readonly Partial<DialOptions>[] = [
  {},
  { ringOfFives: true, halves: true, handLabels: true },
  { zones: true, secondHand: 20, pointedAt: 'hour-hand', lowInk: true },
  { zoneLines: true, quarterShading: true, foldLines: true, arc: 'to', hands: 'minute' },
  { arc: 'past', numerals: 'quarters', marks: 'hours', hands: 'hour', pointedAt: 'centre' },
  { halves: true, lowInk: true, numerals: 'none', marks: 'none' },
]
const dials = () =>
  [0, 95, 200, 395, 707].flatMap((minute) => LOOKS.map((look) => dialShapes(minute, { radius: 40, ...look })))

const lines = () => [
  ...[0, 25, 40].map((minutes) => numberLine(minutes)),
  numberLine(25, undefined, { isBlank: true, lowInk: true }),
  ...[
    [515, 790],
    [700, 725],
    [0, 60],
  ].flatMap(([from = 0, to = 0]) =>
    [false, true].map((backwards) => attempt(() => jumpLine(from, to, String, { backwards })).value),
  ),
]

const RECIPE_CHANGES: readonly Partial<Recipe>[] = [
  {},
  { lowInk: true, hands: 'hour', children: 5 },
  { hands: 'minute', face: 'quarters', guides: 'quarters', paper: 'letter', age: 5 },
  { face: 'blank', guides: 'none', perPage: 4, children: 7 },
]

function amountsInEnglish(made: Recipe) {
  const amounts = amountsFor(made)
  const list = amounts.list.map((each) => ({ ...each, name: inEnglish(each.name), unit: inEnglish(each.unit) }))
  return { ...amounts, list }
}

function recipe(kind: RecipeKind): unknown {
  return RECIPE_CHANGES.map((change) =>
    attempt(() => {
      const made = { ...usualRecipe(kind), ...change }
      const m = solveRecipe(made)
      const assembled = [0, 12].map((apart) => assembledShapes(made, m, { hour: 40, minute: 200 }, apart))
      const told = [amountsInEnglish(made), makingSteps(made, m), checkRecipe(made, m), assembledReach(made, m)]
      return [m, recipePages(made), makingCard(made), assembled, told]
    }),
  ).map(({ value, refusal }) => value ?? refusal?.message)
}

const yards = () =>
  [
    {},
    { turnDeg: 100, facing: 'north', hands: 'sticks', unit: 'ft', children: 9 },
    { hands: 'children', facing: 'children' },
  ].map((change) => {
    const yard = { ...USUAL_YARD, ...change } as typeof USUAL_YARD
    return attempt(() => [yardPages(yard, GB), walkCalls(2000)])
  })

const everyMinute = Array.from({ length: 1440 }, (_, minute) => minute)

function said(language: LanguageId): unknown {
  const { sayAbout, sayMinutes, stillHour, dayPart } = { ...languages[language], ...languages[language].phrases }
  return [
    WORDING_FORMS.map((form) =>
      everyMinute.map((minute) => [
        say(minute, { language, form }),
        minute % 7 === 0 && say(minute, { language, form, options: { dayHalf: true } }),
      ]),
    ),
    everyMinute.slice(0, 720).map(sayAbout),
    Array.from({ length: 61 }, (_, n) => sayMinutes(n)),
    Array.from({ length: 12 }, (_, i) => stillHour(i + 1)),
    everyMinute.map(dayPart),
    OFTEN_TYPED.map((text) => parseTime(text, language)),
  ]
}

/** Times as they are typed, and what is none, for every language alike. */
const OFTEN_TYPED = [
  ...['4:30', '4.30', '16:30', '0:00', '24:00', '4:60', '25:10', '4:5', '430', '4', '', 'x', '4:30 pm', '12am', '4h30'],
  ...['half past four', 'quarter to five', 'ten oh five', 'five o three', 'ten past', 'half 4', 'noon', 'midnight'],
  ...['halb vier', 'viertel vier', 'drei viertel vier', 'fünf vor halb vier', 'zehn Uhr zehn', 'drei Uhr', 'Mittag'],
  ...['vierundzwanzig Uhr', 'dreiundzwanzig Uhr eins', 'elf Uhr siebzig', 'Uhr zehn', 'zehn nach', 'eins'],
  ...['quatre heures et demie', 'cinq heures moins le quart', 'midi', 'dix heures dix', 'une heure', 'treize heures'],
  ...['las cuatro y media', 'la una menos cuarto', 'las doce y cinco', 'mediodía', 'las trece y diez', 'la una'],
]

function asked(rung: RungId): unknown {
  return SEEDS.map((seed) =>
    asksOf(rung).map((ask) =>
      itemPool(randomFrom(seed), { rung, ask })
        .slice(0, 12)
        .map((item) => {
          const { choices } = withChoices(item, { count: 4, seed })
          const lured = item.lures.map(({ value }) => explain(item, value))
          return [
            item,
            choices,
            lured,
            LANGUAGE_IDS.map((language) => sayAnswer(item, item.answer, { ...GB, language })),
          ]
        }),
    ),
  )
}

function answersOf(rung: RungId, seed: number) {
  const held = misreadings[seed % misreadings.length]?.id
  const child = { misreadings: held ? [held] : [], strength: 0.8, slip: 0.05, knows: () => 0.6 }
  let n = 0
  const sitting = { childId: 'c', rung, count: 9, newId: () => `a${n++}` }
  return [6, 1].flatMap((days) =>
    simulateSitting(randomFrom(seed + days), child, { ...sitting, at: NOW - days * 86_400_000 }),
  )
}

function known(rung: RungId): unknown {
  const answers = [3, 8, 14].flatMap((seed) => answersOf(rung, seed))
  const asking = { rung, seed: 5, answers, asked: answers.slice(-3).map(({ item }): Item => item) }
  return [
    diagnose(answers),
    diagnose(answers.slice(0, 5)),
    Object.values(schools).map((school) => standingOf(answers, school, NOW)),
    misreadings.map(({ id }) => {
      const { odds, explainedBy, speakFor, speakAgainst } = whyNot(answers, id)
      return [odds, explainedBy, speakFor.length, speakAgainst.length]
    }),
    nextQuestion(asking),
  ]
}

function planned(): unknown {
  const school = schools['turns-first']
  const rungsAt: RungId[] = ['oclock', 'half', 'past-fives']
  const children = rungsAt.map((rung, i) => {
    const answers = answersOf(rung, i)
    const standing = standingOf(answers, school, NOW)
    return { id: `c${i}`, name: `Child ${i}`, age: 6, standing, findings: diagnose(answers).findings }
  })
  const partners = children.map((each) => ({ ...each, findings: each.findings.map(({ misreading }) => misreading) }))
  const together = suggestTogether(partners)
  const wishes = [
    { minutes: 25, place: 'table', lastTime: [] },
    { minutes: 40, place: 'hall', lastTime: ['paper-clock'] },
    { minutes: 15, place: 'outdoors', lastTime: [] },
  ] as const
  return [
    together,
    wishes.map((wish, seed) => {
      const request = { children, start: 570, materials: ['card', 'crayons', 'paper'] as const, school, ...wish }
      const plan = attempt(() => planSession(request, { seed: seed }))
      if (!plan.value) return plan.refusal?.message
      const sheet = { title: 'Run', paper: 'a4', wording: GB, placeName: told('here'), prints: [] } as const
      const pages = runSheetPages(plan.value, request, sheet)
      return [
        plan.value,
        pages,
        checkPlan(plan.value, request),
        shelf(plan.value, request),
        fetchList(plan.value, request),
      ]
    }),
  ]
}

const chances = () => {
  const fill = { chances: [0.5, 0.3, 0.2], cells: [2, 1, 3] }
  const one = fillTurns(fill)
  const all = [one, refilledTurns(one, 1), playersTurns(one, 3, 'first-full'), playersTurns(one, 3, 'all-full')]
  return [leastTurns(fill), all.map((turns) => [turns.mean, turns.over.slice(0, 40), playTime(turns, 20)])]
}

const each = <Id extends string>(what: string, ids: readonly Id[], make: (id: Id) => unknown) =>
  ids.map((id) => [`${what} ${id}`, () => make(id)] as const)

/** Everything that is pinned, by name. */
const PINNED: readonly (readonly [string, () => unknown])[] = [
  ...Object.values(printables).map((printable) => [`print ${printable.id}`, () => printed(printable)] as const),
  ...each('recipe', Object.keys(RECIPE_KINDS) as RecipeKind[], recipe),
  ...each('language', LANGUAGE_IDS, said),
  ...each(
    'questions',
    rungs.map(({ id }) => id),
    asked,
  ),
  ...each(
    'answers',
    rungs.map(({ id }) => id),
    known,
  ),
  ['dials', dials],
  ['lines', lines],
  ['floor clocks', yards],
  ['plans', planned],
  ['turns of a game', chances],
]

export const PINNED_NAMES = PINNED.map(([name]) => name)

export function pinnedNow(name: string): string {
  const found = PINNED.find(([own]) => own === name)
  if (!found) throw new Error(`nothing is called ${name}`)
  return fingerprint(found[1]())
}
