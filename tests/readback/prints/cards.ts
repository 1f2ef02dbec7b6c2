import { paperOf } from '../../../src/core/drawing'
import { type LanguageId, languages } from '../../../src/core/wording'
import { apart, type ReadShape } from '../svg'
import {
  type Read,
  type Shapes,
  cellOf,
  cutLines,
  dials,
  expectDistinct,
  groups,
  inPart,
  minuteIn,
  modulo,
  saysTruth,
  textBox,
  words,
} from './reading'
import { cards, expectControl, truths, pairing, said } from './sets'

/* One checker a set of cards: backs behind fronts, halves that fit, keys worked out again from what is on the cards. */

type Checker = (read: Read) => void

/** Sets of two or three that say the same; and the same number behind all of a set, exactly behind each card. */
const matching: Checker = (read) => {
  const { o } = read
  if (o.forms !== 3) pairing(read)
  else cards(read)
  const told = groups(read.key.flat(), 'pair')
  truths(read, told)
  const fronts = read.pages.filter((page) => groups(page, 'card').length > 0)
  const backs = read.pages.filter((page) => groups(page, 'back').length > 0)
  read.expect(backs.length === (o.backs ? fronts.length : 0), 'pages of backs are missing')
  const sets = new Map<string, string[]>()
  fronts.forEach((page, i) => {
    const lines = cutLines(page)
    groups(page, 'card').forEach((card, at) => {
      const time = setOf(card, read)
      const back = groups(backs[i] ?? [], 'back')[at]
      if (back) read.expect(isBehind(back, cellOf(card, lines), o), 'a back is not behind its card')
      sets.set(time, [...(sets.get(time) ?? []), back ? words(back) : ''])
    })
  })
  read.expect(
    told
      .map((pair) => setOf(pair, read))
      .sort()
      .join() === [...sets.keys()].sort().join(),
    'the key has other sets',
  )
  if (o.forms === 3)
    for (const pair of told) {
      const [dial] = dials(pair)
      const [figures, said] = [words(pair, 'figures'), words(pair, 'words')]
      read.expect(/^\d+\D\d\d/.test(figures) && !/^\d/.test(said), `“${figures}” and “${said}” in the key`)
      read.expect(dial !== undefined && saysTruth(dial, figures, o), `“${figures}” by a dial at ${dial?.time}`)
    }
  if (o.forms === 3 || o.backs) {
    read.expect(sets.size === o.count, `${sets.size} sets instead of ${o.count}`)
    for (const [time, numbers] of sets)
      read.expect(
        numbers.length === (o.forms ?? 2) && new Set(numbers).size === 1,
        `the set of ${time} has ${numbers.join(', ')} behind it`,
      )
    if (o.backs)
      expectDistinct(
        read,
        [...sets.values()].map(([number]) => number),
        'two sets have one number',
      )
  }
}

/** The time of a card, however it is told; one-handed faces by what is true of them. */
function setOf(card: Shapes, { o }: Read): string {
  const [dial] = dials(card)
  if (!dial)
    return words(card, 'figures') !== ''
      ? String(minuteIn(words(card, 'figures'), o))
      : oneHanded(o)
        ? words(card)
        : String(minuteIn(words(card), o))
  const language = languages[o.wording.language]
  if (dial.minute === undefined) return language.sayAbout(Math.round(modulo(dial.hour ?? 0, 360) * 2) % 720)
  return dial.hour === undefined
    ? language.sayMinutes(Math.round(modulo(dial.minute, 360) / 6) % 60)
    : String(dial.time)
}

const oneHanded = ({ rung }: Read['o']) => rung === 'fives' || rung === 'hour-hand'

/** The middle of what is on a back lies behind the middle of the card in front, when the sheet is turned over. */
export function isBehind(back: Shapes, front: { x: number; y: number } | undefined, o: Read['o']): boolean {
  const { width, height } = paperOf(o.paper)
  const box = textBox(back)
  const due =
    o.backs === 'short-edge'
      ? { x: front?.x ?? NaN, y: height - (front?.y ?? NaN) }
      : { x: width - (front?.x ?? NaN), y: front?.y ?? NaN }
  const [text] = back.filter(({ tag }) => tag === 'text')
  // A baseline lies half a capital's height under the middle.
  const middle = (text?.points[0]?.y ?? NaN) - ((text?.size ?? 0) * 1485) / 2048 / 2
  return Math.abs((box.left + box.right) / 2 - due.x) <= 0.2 && Math.abs(middle - due.y) <= 0.2
}

/** Points of a curved cut, and how far the cut lies from the card's middle at a height. */
function profile(edge: readonly ReadShape[]): (share: number) => number {
  const points = edge.flatMap((shape) => shape.points)
  const [first, last] = [points[0], points[points.length - 1]]
  return (share) => {
    const y = (first?.y ?? 0) + share * ((last?.y ?? 0) - (first?.y ?? 0))
    const at = points.findIndex((point, i) => i > 0 && point.y >= y - 1e-9)
    const [a, b] = [points[at - 1], points[at]]
    if (!a || !b || !first) return NaN
    return a.x + (b.y === a.y ? 1 : (y - a.y) / (b.y - a.y)) * (b.x - a.x) - first.x
  }
}

const halving: Checker = (read) => {
  const own = cards(read)
  read.expect(own.length === read.o.count, `${own.length} cards`)
  truths(read, own)
  expectControl(
    read,
    own.map((card) => words(card, 'words')),
  )
  const shares = Array.from({ length: 79 }, (_, i) => (i + 1) / 80)
  const edges = own.map((card) => {
    const edge = profile(inPart(card, 'edge'))
    return shares.map(edge)
  })
  edges.forEach((edge, i) =>
    edges.slice(i + 1).forEach((other) => {
      const apart = edge.filter((out, at) => Math.abs(out - (other[at] ?? 0)) > 4).length
      read.expect(apart >= 6, 'two edges are nearly alike')
    }),
  )
  for (const card of own) {
    const edge = textBox(inPart(card, 'edge'))
    const middle = inPart(card, 'edge')[0]?.points[0]?.x ?? NaN
    const [left, right] = [textBox(inPart(card, 'dial')), textBox(inPart(card, 'words'))]
    read.expect(
      left.right < Math.min(edge.left, middle) && right.left > Math.max(edge.right, middle),
      'the edge cuts a dial or words',
    )
  }
}

const composing: Checker = (read) => {
  const own = cards(read)
  const hours = own.map((card) => words(card, 'hour')).filter(Boolean)
  const minutes = own.map((card) => words(card, 'minutes')).filter(Boolean)
  expectDistinct(read, hours, 'an hour comes twice')
  expectDistinct(read, minutes, 'minutes come twice')
  const times = own.flatMap((card) => dials(card)).map(({ time }) => time)
  read.expect(times.length === read.o.count, `${times.length} clocks`)
  for (const time of times) {
    const [hour, minute] = [String(Math.floor(time / 60) || 12), `:${String(time % 60).padStart(2, '0')}`]
    read.expect(hours.includes(hour) && minutes.includes(minute), `no cards for ${hour}${minute}`)
  }
  const told = groups(read.key.flat(), 'pair')
  read.expect(
    told
      .flatMap((pair) => dials(pair))
      .map(({ time }) => time)
      .sort()
      .join() === [...times].sort().join(),
    'clocks and key differ',
  )
  for (const pair of told) {
    const [, hour, minute] = /^(\d+)\s+\+\s+:(\d\d)$/.exec(words(pair, 'words')) ?? []
    read.expect((Number(hour) % 12) * 60 + Number(minute) === dials(pair)[0]?.time, `key “${words(pair, 'words')}”`)
  }
}

const counting: Checker = (read) => {
  const counts = cards(read).map((card) => Number(words(card, 'count')))
  read.expect(
    counts.sort((a, b) => a - b).join() === Array.from({ length: 12 }, (_, i) => 5 * (i + 1)).join(),
    `cards ${counts.join()}`,
  )
  const ring = (read.key[0] ?? []).filter(({ tag, parts }) => tag === 'text' && parts.includes('dial'))
  const middle = ring[0]?.origin ?? { x: NaN, y: NaN }
  const outer = ring.filter(
    ({ text, points: [at] }) => Math.hypot((at?.x ?? 0) - middle.x, (at?.y ?? 0) - middle.y) > 62 && text,
  )
  read.expect(outer.length === 12, `${outer.length} counts round the dial`)
  for (const {
    text,
    points: [at],
  } of outer) {
    const angle = (Math.atan2((at?.x ?? 0) - middle.x, middle.y - (at?.y ?? 0)) * 180) / Math.PI
    read.expect(apart(angle, Number(text) * 6) < 4, `${text} lies at ${angle} degrees`)
  }
  const calls = groups(read.key[1] ?? [], 'call').map((line) => /(\d+) ?: \D+(\d+)$/.exec(words(line)))
  for (const call of calls) read.expect(Number(call?.[1]) === 5 * Number(call?.[2]), `“${call?.[0]}”`)
  expectDistinct(
    read,
    calls.map((call) => call?.[1]),
    'a count is called twice',
  )
  read.expect(calls.length === 12, `${calls.length} calls`)
}

const showing: Checker = (read) => {
  const { o } = read
  const { showMe } = languages[o.wording.language].phrases
  const asked = cards(read).map((card) => words(card, 'words'))
  const shown = groups(read.key.flat(), 'pair').flatMap((pair) => dials(pair))
  truths(read, groups(read.key.flat(), 'pair'))
  expectDistinct(read, asked, 'a time is asked twice')
  read.expect(asked.join('|') === shown.map((dial) => showMe(said(dial, o))).join('|'), 'cards and key differ')
  const page = read.pages[read.pages.length - 1] ?? []
  const strip = (hand: string) => {
    const box = textBox(inPart(page, `${hand}-strip`).filter(({ tag }) => tag === 'path'))
    const label = Number(/(\d+) mm/.exec(words(page, `${hand}-strip`))?.[1])
    read.expect(
      Math.abs(box.right - box.left - label) < 0.05,
      `the ${hand} strip is ${box.right - box.left} mm, says ${label}`,
    )
    return label
  }
  const share = strip('hour') / strip('minute')
  read.expect(share >= 0.55 && share <= 0.65, `the hour hand is ${share} of the minute hand`)
}

const wearing: Checker = (read) => {
  const own = cards(read).flatMap((card) => dials(card))
  const calls = groups(read.key[0] ?? [], 'call').map((line) => words(line).replace(/^\d+\. /, ''))
  read.expect(own.length === read.o.count, `${own.length} badges`)
  expectDistinct(read, calls, 'a time is called twice')
  read.expect(
    own
      .map((dial) => said(dial, read.o))
      .sort()
      .join('|') === [...calls].sort().join('|'),
    'badges and calls differ',
  )
}

/** How the halves of a day begin, written apart from the app's own words. */
const HALVES: Readonly<Record<LanguageId, readonly [string, string]>> = {
  'en-GB': ['before noon', 'after noon'],
  'en-US': ['before noon', 'after noon'],
  de: ['vor dem Mittag', 'nach dem Mittag'],
  'de-quarters': ['vor dem Mittag', 'nach dem Mittag'],
  fr: ['avant midi', 'après midi'],
  es: ['antes del mediodía', 'después del mediodía'],
}

const sortingDay: Checker = (read) => {
  const { o } = read
  const { phrases } = languages[o.wording.language]
  const [before, after] = HALVES[o.wording.language]
  const count = o.rows?.length ?? o.count
  const own = cards(read)
  const doings = own.filter((card) => dials(card).length > 0)
  const lines = groups(read.key[0] ?? [], 'line').map((line) => words(line))
  read.expect(
    doings.length === count && lines.length === count && own.length === count + 2,
    `${doings.length} cards, ${lines.length} lines`,
  )
  const told = lines.map((line) => {
    const [, doing = '', h, m, half = ''] = /^\d+\. (.+), (\d\d):(\d\d)\u00a0?: (.+)$/.exec(line) ?? []
    const minute = Number(h) * 60 + Number(m)
    const isArguable = half.endsWith(`, ${phrases.noonOrNight}`)
    read.expect(half.startsWith(minute < 720 ? before : after), `“${line}”`)
    read.expect(line.includes('\u00a0:') === (o.wording.language === 'fr'), `the colon of “${line}”`)
    read.expect(minute % 720 !== 0 || isArguable, 'twelve o’clock is not marked as arguable')
    return `${doing} ${minute % 720} ${isArguable}`
  })
  const drawn = doings.map(
    (card) => `${words(card, 'words')} ${dials(card)[0]?.time} ${inPart(card, 'arguable').length > 0}`,
  )
  read.expect([...told].sort().join('|') === [...drawn].sort().join('|'), 'cards and key differ')
}

export const cardCheckers = {
  'match-cards': matching,
  'jigsaw-halves': halving,
  'compose-cards': composing,
  'fives-cards': counting,
  'show-me-cards': showing,
  badges: wearing,
  'day-halves-cards': sortingDay,
}
