import type { GameOptions, Timeline } from '../../src/core/movement'
import { FIGURE_BOX, figureShapes } from '../../src/core/movement'
import { toSvg } from '../../src/core/drawing'
import { languages, parseTime } from '../../src/core/wording'
import { checkFloor } from './floorCalls'
import { type ReadShape, apart, readSvg } from './svg'

/*
 * What must hold of every game, worked out again from its calls alone: nothing here calls what made them. Numbers of
 * the load are written down once more.
 */

export type Language = 'en' | 'de' | 'fr' | 'es'

/** What is said of the short hand, with the numbers in it: on, past, between, on the way. */
const SHORT: Record<Language, readonly [RegExp, RegExp, RegExp, RegExp]> = {
  en: [
    /short hand is right on (\d+)/,
    /short hand has gone past (\d+)/,
    /half way between (\d+) and (\d+)/,
    /its way to (\d+)/,
  ],
  de: [
    /kurze Zeiger ist genau auf der (\d+)/,
    /kurze Zeiger ist an der (\d+) vorbei/,
    /zwischen (\d+) und (\d+)/,
    /Weg zur (\d+)/,
  ],
  fr: [
    /petite aiguille est juste sur le (\d+)/,
    /petite aiguille a dépassé le (\d+)/,
    /entre le (\d+) et le (\d+)/,
    /va vers le (\d+)/,
  ],
  es: [/corta está justo en el (\d+)/, /corta ya ha pasado el (\d+)/, /entre el (\d+) y el (\d+)/, /va hacia el (\d+)/],
}
/** And of the long one: on a numeral, or past it. */
const LONG: Record<Language, readonly [RegExp, RegExp]> = {
  en: [/long hand is on (\d+)/, /long hand has gone past (\d+)/],
  de: [/lange Zeiger ist auf der (\d+)/, /lange Zeiger ist an der (\d+) vorbei/],
  fr: [/grande aiguille est sur le (\d+)/, /grande aiguille a dépassé le (\d+)/],
  es: [/larga está en el (\d+)/, /larga ya ha pasado el (\d+)/],
}

const twelve = (n: number) => ((n + 11) % 12) + 1

/** Whether what is said of the hands is true of the time (0 to 719). */
function isTrueReason(text: string, minute: number, language: Language, isHourOnly: boolean): boolean {
  const [hour, past] = [twelve(Math.floor(minute / 60)), minute % 60]
  const found = SHORT[language].map((pattern) => pattern.exec(text)?.slice(1).map(Number))
  const kind = past === 0 ? 0 : past < 30 ? 1 : past === 30 ? 2 : 3
  const due = [[hour], [hour], [hour, twelve(hour + 1)], [twelve(hour + 1)]][kind]
  const isShort = found.every((numbers, i) => (i === kind ? numbers?.join() === due?.join() : numbers === undefined))
  if (isHourOnly) return isShort
  const [on, over] = LONG[language].map((pattern) => pattern.exec(text)?.[1])
  const numeral = String(twelve(Math.floor(past / 5)))
  return isShort && (past % 5 === 0 ? on === numeral && over === undefined : over === numeral && on === undefined)
}

/** The angle of the first line of a part, degrees clockwise from straight up. */
export function angleOf(shapes: readonly ReadShape[], part: string): number | undefined {
  const [from, to] = shapes.find(({ tag, parts }) => tag === 'line' && parts.includes(part))?.points ?? []
  if (!from || !to) return undefined
  return ((Math.atan2(to.x - from.x, from.y - to.y) * 180) / Math.PI + 360) % 360
}

function figureOf(shown: Extract<Timeline['calls'][number]['shown'], { as: 'figure' }>, view: 'own' | 'leader') {
  const [width, height] = [FIGURE_BOX.right - FIGURE_BOX.left, FIGURE_BOX.bottom - FIGURE_BOX.top]
  const shapes = figureShapes(shown.minute, { ...shown, view })
  return readSvg(toSvg({ width, height, title: '', shapes }))
}

/** What is wrong with a game's calls; empty for one that is right. */
export function problemsOfCalls(timeline: Timeline, options: GameOptions): string[] {
  const problems: string[] = []
  const expect = (holds: boolean, what: string) => void (holds ? undefined : problems.push(what))
  const { calls } = timeline
  expect(Math.abs(timeline.seconds - options.minutes * 60) <= 10, `${timeline.seconds} s for ${options.minutes} min`)
  let end = 0
  for (const { at, seconds, say } of calls) {
    expect(Math.abs(at - end) < 1e-9, `a gap at ${at}`)
    expect(seconds >= say.length / 14, `${seconds} s are too short to say “${say}”`)
    end = at + seconds
  }
  expect(Math.abs(end - timeline.seconds) < 1e-9, 'the last call does not end with the game')
  expect(
    calls[0]?.kind === 'welcome' && calls.some(({ kind, effort }) => kind === 'welcome' && effort === 'easy'),
    'no warming up',
  )
  expect(calls.at(-1)?.kind === 'settle', 'it does not end settled')
  checkAsked(timeline, options, expect)
  checkFigures(timeline, expect)
  for (let child = 0; child < options.children; child++) checkLoad(timeline, child, options, expect)
  checkFloor(timeline, options, expect)
  return problems
}

export type Expect = (holds: boolean, what: string) => void

/** Questions: none twice in a row, their answers and reasons true, their choices told apart. */
function checkAsked({ calls }: Timeline, { wording }: GameOptions, expect: Expect): void {
  const language = wording.language.slice(0, 2) as Language
  const isTime = (text: string, minute: number, rung: string) =>
    rung === 'hour-hand'
      ? text === languages[wording.language].sayAbout(minute)
      : parseTime(text, wording.language)?.minute === minute
  let asked: { minute: number; rung: string } | undefined
  for (const { kind, item, shown, say } of calls) {
    if (item) {
      expect(asked?.minute !== item.shown.minute, `${item.shown.minute} is asked twice in a row`)
      asked = { minute: item.shown.minute, rung: item.rung }
    }
    if (kind === 'reason' && shown.as === 'dial')
      expect(isTrueReason(say, shown.minute, language, shown.hands === 'hour'), `“${say}” for ${shown.minute}`)
    if (kind !== 'call' || shown.as !== 'choices' || !asked) continue
    expect(shown.minute === asked.minute, 'another clock than was asked about')
    const { choices } = shown
    expect(new Set(choices.map(({ says }) => says)).size === choices.length, 'two choices say the same')
    expect(new Set(choices.map(({ move }) => move)).size === choices.length, 'two choices have one move')
    expect(choices.filter(({ isRight }) => isRight).length === 1, 'not one right choice')
    const { rung } = asked
    for (const { says, isRight } of choices)
      expect(
        isTime(says, shown.minute, rung) === isRight,
        `“${says}” is ${isRight ? '' : 'not '}right at ${shown.minute}`,
      )
  }
}

/** Arms along the true hands; the leader the exact mirror image; legs change at every call. */
function checkFigures({ calls }: Timeline, expect: Expect): void {
  let leg: string | undefined
  for (const { shown, kind, seconds } of calls) {
    if (shown.as !== 'figure') continue
    const [own, leader] = [figureOf(shown, 'own'), figureOf(shown, 'leader')]
    const due = [
      ['bent-arm', shown.minute * 0.5],
      ['long-arm', shown.hands === 'hour' ? undefined : shown.minute * 6],
    ] as const
    for (const [part, angle] of due) {
      const [a, b] = [angleOf(own, part), angleOf(leader, part)]
      const isDrawn = angle !== undefined
      expect(
        (a !== undefined) === isDrawn && (b !== undefined) === isDrawn,
        `${part} is ${isDrawn ? 'missing' : 'there'}`,
      )
      if (a === undefined || b === undefined || angle === undefined) continue
      expect(apart(a, angle % 360) < 1, `${part} at ${a} instead of ${angle % 360}`)
      expect(apart(a, (360 - b) % 360) < 0.1, `the leader’s ${part} is no mirror image`)
    }
    expect(isMirror(own, leader), 'the leader’s figure is no mirror image')
    if (kind !== 'call' || !shown.stance.endsWith('foot')) continue
    expect(seconds <= 20, `${seconds} s on one leg`)
    expect(shown.stance !== leg, `twice on the ${leg ?? ''}`)
    leg = shown.stance
  }
}

function isMirror(own: readonly ReadShape[], leader: readonly ReadShape[]): boolean {
  const placed = (shapes: readonly ReadShape[], sign: 1 | -1) =>
    shapes
      .flatMap(({ tag, points }) =>
        // A circle has two points across and two along: they change places in a mirror.
        tag === 'line'
          ? points.map(({ x, y }) => `${(Math.round(sign * x * 10) / 10 + 0).toFixed(1)} ${y.toFixed(1)}`)
          : [],
      )
      .sort()
      .join('|')
  return placed(own, 1) === placed(leader, -1)
}

/** The seconds of hearing a call and of setting a clock that are in a call with running. */
const TOLD: Partial<Record<Timeline['game'], number>> = { laps: 5, 'hour-relay': 8 }

/** What one child does: hard moving at one go and in all, and as long without before the next. */
function checkLoad(
  { calls, game }: Timeline,
  child: number,
  { age = 5, harder, isSeated }: GameOptions,
  expect: Expect,
): void {
  const share = 1 + 0.25 * harder
  const [atOnce, inAll] = age >= 7 ? [30 * share, 240 * share] : [20 * share, 180 * share]
  const isHard = ({ effort, who }: Timeline['calls'][number]) =>
    effort === 'hard' && (who === undefined || who.includes(child))
  const hard = calls.filter(isHard)
  expect(!isSeated || hard.length === 0, 'hard moving for seated children')
  const total = hard.reduce((sum, { seconds }) => sum + seconds, 0)
  expect(total <= inAll + 1, `${total} s of hard moving in all, ${inAll} are right`)
  expect(hard.length === 0 || calls.some(({ kind }) => kind === 'water'), 'no water after hard moving')
  let [run, rested] = [0, Infinity]
  for (const call of calls) {
    if (!isHard(call)) {
      rested += call.seconds
      continue
    }
    if (rested >= run) run = 0
    run += call.seconds
    rested = 0
    expect(run <= atOnce + (TOLD[game] ?? 0) + 1, `${run} s of hard moving at one go, ${atOnce} are right`)
  }
}
