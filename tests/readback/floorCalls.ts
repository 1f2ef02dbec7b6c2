import { toSvg } from '../../src/core/drawing'
import { type Call, type GameOptions, type Timeline, placeShapes, walkShapes } from '../../src/core/movement'
import { languages, parseTime } from '../../src/core/wording'
import { type Expect, type Language, angleOf } from './calls'
import { type ReadShape, apart, readSvg } from './svg'

/* Games on a clock on the floor and with cards, worked out again from what is said and drawn. */

/** What is said of the four directions: ahead, behind, right, left. */
const WAYS: Record<Language, readonly [RegExp, RegExp, RegExp, RegExp]> = {
  en: [/\bahead\b/i, /\bbehind\b/i, /\bright\b/i, /\bleft\b/i],
  de: [/\bvorn\b/i, /\bhinten\b/i, /\brechts\b/i, /\blinks\b/i],
  fr: [/\bdevant\b/i, /\bderrière\b/i, /à droite\b/i, /à gauche\b/i],
  es: [/\bdelante\b/i, /\bdetrás\b/i, /a la derecha\b/i, /a la izquierda\b/i],
}
const IS_TIME: Record<Language, RegExp> = {
  en: /It is (.+?)\. /,
  de: /Es ist (.+?)\. /,
  fr: /Il est (.+?)\. /,
  es: /(?:Es|Son) (.+?)\. /,
}
const MAKE_IT: Record<Language, RegExp> = {
  en: /: make it (.+?)\./,
  de: /: Stellt (.+?) ein\./,
  fr: /: réglez l’horloge sur (.+?)\./,
  es: /: poned (.+?)\./,
}
const NUMBERS: Record<Language, RegExp> = {
  en: /numbers? on/,
  de: /Zahl(?:en)? weiter/,
  fr: /chiffres?,/,
  es: /números?,/,
}
const LITTLE: Record<Language, RegExp> = { en: /a little on/, de: /ein Stückchen/, fr: /un peu,/, es: /un poco,/ }

const drawnFrom = (shapes: Parameters<typeof toSvg>[0]['shapes']) =>
  readSvg(toSvg({ width: 200, height: 200, title: '', shapes }))

export function checkFloor(timeline: Timeline, options: GameOptions, expect: Expect): void {
  const language = options.wording.language.slice(0, 2) as Language
  const { calls, game } = timeline
  for (const { who } of calls) {
    expect(who === undefined || new Set(who).size === who.length, 'one child is meant twice')
    expect(
      who === undefined || who.every((child) => child >= 0 && child < options.children),
      'a child who is not there',
    )
  }
  if (game === 'jump-the-day') checkJumps(calls, options, language, expect)
  if (game === 'be-the-hands') checkWalks(calls, language, expect)
  if (game === 'hour-relay') checkRelay(calls, options, language, expect)
  if (game === 'find-your-time') checkCards(calls, options, expect)
}

/** The quarter follows from the hour that was said; the words and the picture show the same way. */
function checkJumps(
  calls: readonly Call[],
  { facing, wording, day: own }: GameOptions,
  language: Language,
  expect: Expect,
): void {
  const hours: number[] = []
  const minutes: number[] = []
  calls.forEach(({ shown, say }, i) => {
    if (shown.as !== 'place') return
    const before = calls.slice(0, i).findLast(({ kind }) => kind === 'call')
    const told = IS_TIME[language].exec(`${before?.say} `)?.[1] ?? ''
    const minute = parseTime(told, wording.language)?.minute ?? NaN
    const hour = Math.floor(minute / 60) % 12
    hours.push(Math.floor(minute / 60))
    minutes.push(minute)
    // A day of the group's own is told by its rows; one that is made up, by whole hours.
    const isTrue = own
      ? own.some(
          (row) => row.minute % 720 === minute % 720 && before?.say.toLowerCase().includes(row.what.toLowerCase()),
        )
      : minute % 60 === 0
    expect(isTrue, `“${before?.say}” is not of the day`)
    if (before?.shown.as === 'dial') expect(before.shown.minute === minute % 720, 'the dial shows another time')
    // From the middle of the quarter, clockwise from 12, turned where the children look at 6.
    // 12, 3, 6 and 9 o'clock lie on the line between two quarters, and both count.
    const hand = ((minute % 720) / 2 + (facing === 'six' ? 180 : 0)) % 360
    const ways = [0, 90, 180, 270].map((from) => from + 45).filter((middle) => apart(middle, hand) <= 45 + 1e-9)
    const isOnLine = minute % 180 === 0
    const due = isOnLine ? ways : ways.slice(0, 1)
    expect(due.length === (isOnLine ? 2 : 1), `${due.length} quarters for ${minute}`)
    const isDue = [
      due.some((way) => way < 90 || way > 270),
      due.some((way) => way > 90 && way < 270),
      due.some((way) => way < 180),
      due.some((way) => way > 180),
    ]
    const said = WAYS[language].map((pattern) => pattern.test(say))
    expect(said.join() === isDue.join(), `“${say}” for ${hour}, facing ${facing}`)
    checkPlaces(shown, { due, minute, facing }, expect)
  })
  if (own) return checkTold(own, minutes, expect)
  expect(
    hours.every((hour, i) => i === 0 || hour % 12 !== (hours[i - 1] ?? NaN) % 12),
    'one hour twice in a row',
  )
  const day = hours.slice(0, 8)
  expect(
    day.length < 8 || new Set(day.map((hour) => Math.floor((hour % 12) / 3))).size === 4,
    'a quarter is never told',
  )
}

/** The pictures of the floor, from the children's side and from the adult's, mark the quarters that count. */
function checkPlaces(
  shown: Extract<Call['shown'], { as: 'place' }>,
  { due, minute, facing }: { due: readonly number[]; minute: number; facing: GameOptions['facing'] },
  expect: Expect,
): void {
  const drawn = drawnFrom(placeShapes(shown.facing, { targets: shown.quarters, view: 'own' }))
  const across = drawnFrom(placeShapes(shown.facing, { targets: shown.quarters, view: 'leader' }))
  const targetsIn = (shapes: readonly ReadShape[], turn: number) => {
    const places = shapes
      .filter(({ parts }) => parts.some((part) => part.startsWith('target')))
      .map(({ origin }) => origin)
    const angles = places.map((at) => (at ? (Math.atan2(at.x, -at.y) * 180) / Math.PI + 360 + turn : NaN) % 360)
    return [...new Set(angles.map((angle) => Math.round(angle) % 360))].sort((a, b) => a - b).join()
  }
  const wanted = [...due].sort((a, b) => a - b).join()
  expect(targetsIn(drawn, 0) === wanted, `the picture shows ${targetsIn(drawn, 0)} for ${minute}`)
  expect(targetsIn(across, 180) === wanted, `the leader’s picture shows ${targetsIn(across, 180)} for ${minute}`)
  expect(
    across.every(({ turn = 0 }) => turn % 360 === 0),
    'numbers stand on their heads for the leader',
  )
  const twelve = drawn.find(({ text }) => text === '12')?.points[0]
  expect(twelve !== undefined && twelve.y < 0 === (facing === 'twelve'), '12 is drawn on the wrong side')
}

/** The rows of the group's own day are told once in their order, before they are asked for. */
function checkTold(own: NonNullable<GameOptions['day']>, minutes: readonly number[], expect: Expect): void {
  const due = own.map(({ minute }) => minute % 720).slice(0, Math.min(12, minutes.length))
  const told = minutes.slice(0, due.length).map((minute) => minute % 720)
  expect(told.join() === due.join(), `told in the order ${minutes.join()}`)
}

/** How far each hand walks, counted on the ring; where it ends; what is drawn; and everyone has a turn. */
function checkWalks(calls: readonly Call[], language: Language, expect: Expect): void {
  let at = 0
  const turns = new Map<number, number>()
  for (const { shown, say, who } of calls) {
    if (shown.as !== 'walk') continue
    expect(shown.from === at, `a walk begins at ${shown.from}, but the hands are at ${at}`)
    const { minute, hands } = shown
    if (minute === at) {
      for (const child of who ?? []) turns.set(child, (turns.get(child) ?? 0) + 1)
      continue
    }
    const parts = say.split(/\. (?=\p{Lu})/u)
    if (hands === 'both') checkLong(parts[0] ?? '', { from: at % 60, to: minute % 60 }, language, expect)
    checkShort(parts.at(-1) ?? '', { from: at, to: minute }, language, expect)
    checkWalkDrawn(drawnFrom(walkShapes(at, minute, hands)), minute, hands, expect)
    at = minute
  }
  const counts = [...turns.values()]
  expect(counts.length === 0 || Math.max(...counts) - Math.min(...counts) <= 1, 'one child has more turns than another')
}

const numbersIn = (text: string) => (text.match(/\d+/g) ?? []).map(Number)

interface Way {
  readonly from: number
  readonly to: number
}

function checkLong(text: string, { from, to }: Way, language: Language, expect: Expect): void {
  const numbers = numbersIn(text)
  if (from === to) return expect(numbers.length === 0, `“${text}” though the long hand stays`)
  const marks = (to - from + 60) % 60
  const [count = NaN, ...where] = numbers
  expect((NUMBERS[language].test(text) ? 5 * count : count) === marks, `“${text}” from ${from} to ${to}`)
  const due = to % 5 === 0 ? [to / 5 || 12] : [to % 5, Math.floor(to / 5) || 12]
  expect(where.join() === due.join(), `“${text}” ends elsewhere than at ${to}`)
}

function checkShort(text: string, { from, to }: Way, language: Language, expect: Expect): void {
  const way = (to - from + 720) % 720
  // The numbers that are met: every hour after the start, up to the end.
  const met = Array.from({ length: way }, (_, i) => (from + i + 1) % 60).filter((past) => past === 0).length
  const numbers = numbersIn(text)
  const hour = Math.floor(to / 60)
  const [own, next] = [hour || 12, hour + 1]
  const past = to % 60
  const where = past === 30 ? [own, next] : past > 30 ? [next] : [own]
  const due = met === 0 ? where : [met, ...where]
  expect(numbers.join() === due.join(), `“${text}” from ${from} to ${to}`)
  expect(LITTLE[language].test(text) === (met === 0) || met !== 0, `“${text}” from ${from} to ${to}`)
}

function checkWalkDrawn(drawn: readonly ReadShape[], minute: number, hands: 'both' | 'hour', expect: Expect): void {
  expect(
    apart(angleOf(drawn, 'short-hand') ?? NaN, minute * 0.5) < 1,
    `the short hand is drawn elsewhere than ${minute}`,
  )
  if (hands === 'both')
    expect(apart(angleOf(drawn, 'long-hand') ?? NaN, (minute * 6) % 360) < 1, `the long hand is drawn elsewhere`)
}

/** One of each team, the time that is said the one that is asked, and then shown. */
function checkRelay(
  calls: readonly Call[],
  { wording, children }: GameOptions,
  language: Language,
  expect: Expect,
): void {
  calls.forEach(({ item, say, who }, i) => {
    if (!item) return
    const [told, { minute }] = [MAKE_IT[language].exec(say)?.[1] ?? '', item.shown]
    const isSaid =
      item.rung === 'hour-hand'
        ? told === languages[wording.language].sayAbout(minute)
        : parseTime(told, wording.language)?.minute === minute
    expect(isSaid, `“${say}” does not ask for ${minute}`)
    const shown = calls[i + 1]?.shown
    expect(shown?.as === 'dial' && shown.minute === minute, `another time is shown than ${minute}`)
    // With an odd number somebody steps in for the other team, so that nobody runs more than the rest.
    const teams = new Set(who?.map((child) => (children % 2 === 0 ? child % 2 : child)))
    expect(who?.length === 2 && teams.size === 2, 'not one of each team')
  })
}

/** Everyone has a card, what is on it is its time, and order and pairs are right. */
function checkCards(calls: readonly Call[], { wording, children, rung }: GameOptions, expect: Expect): void {
  const lists = calls.flatMap(({ shown }) => (shown.as === 'cards' ? [shown.cards] : []))
  lists.forEach((cards, i) => {
    const numbers = cards.map(({ number }) => number)
    const due = i % 3 === 2 ? Math.floor(children / 2) : children
    expect(
      [...numbers].sort((a, b) => a - b).join() === Array.from({ length: due }, (_, k) => k + 1).join(),
      'a card is missing',
    )
    for (const { minute, says } of cards)
      expect(
        rung === 'hour-hand'
          ? says === languages[wording.language].sayAbout(minute)
          : parseTime(says, wording.language)?.minute === minute,
        `“${says}” for ${minute}`,
      )
    if (i % 3 === 1)
      expect(
        cards.every(({ minute }, k) => k === 0 || minute >= (cards[k - 1]?.minute ?? 0)),
        'not in order',
      )
    const same = (k: number) =>
      cards.find(({ number }) => number === k)?.minute === lists[0]?.find(({ number }) => number === k)?.minute
    expect(numbers.every(same), 'a card has changed its time')
  })
}
