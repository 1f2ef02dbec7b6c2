import { apart } from '../svg'
import {
  type Read,
  type Shapes,
  answerIn,
  dials,
  expectDistinct,
  inPart,
  lengthIn,
  minuteIn,
  modulo,
  ownRows,
  questions,
  saysTruth,
  textBox,
  words,
} from './reading'
import { type Checker, type Pairs, expectAskedOnce } from './sheetParts'

/* Sheets about how long, how much later and when to start, read back. */

export const lining: Checker = (read) => {
  const pairs = questions(read)
  expectAskedOnce(read, pairs)
  for (const { asked, answered } of pairs) {
    const [dial] = dials(asked)
    if (!dial) return read.fail('a dial is missing')
    answerIn(read, asked, answered, (text) => saysTruth(dial, text, read.o))
    const line = inPart(answered, 'number-line')
    const top = Math.min(...line.filter(({ tag }) => tag === 'text').map(({ points }) => points[0]?.y ?? 0))
    const at = (count: string) =>
      line.find(({ text, points }) => text === count && Math.abs((points[0]?.y ?? 0) - top) < 0.1)?.points[0]?.x ?? NaN
    const marker = textBox(inPart(answered, 'marker'))
    const shown = (60 * ((marker.left + marker.right) / 2 - at('0'))) / (at('60') - at('0'))
    read.expect(Math.abs(shown - (dial.time % 60)) < 0.05, `marked at ${shown} for ${dial.time % 60} minutes`)
    read.expect(inPart(asked, 'marker').length === 0, 'the page is marked')
  }
}

/** A clock, a way, and the clock that is then: the same for "later", "sooner" and "start when". */
export const shifting =
  (by: (asked: Shapes, read: Read) => number, wanted = ({ o }: Read) => o.count): Checker =>
  (read) => {
    const pairs = questions(read, wanted(read))
    for (const { asked, answered } of pairs) {
      const from = dials(inPart(asked, 'from'))[0]?.time ?? NaN
      const due = modulo(from + by(asked, read), 720)
      read.expect(dials(inPart(answered, 'then'))[0]?.time === due, `the clock of the key is not at ${due}`)
      read.expect(dials(inPart(asked, 'then')).length === 0, 'the hands stand on the page')
      answerIn(read, asked, answered, (text) => minuteIn(text, read.o) === due)
    }
    expectDistinct(
      read,
      pairs.map(({ asked }) => `${dials(asked)[0]?.time} ${words(asked, 'what')}`),
      'a time is asked twice',
    )
  }

const MOST_OWN_SPANS = 8

/** How many stretches an own day has: one for each row with an end, and from row to row where there is none. */
function spansOf({ o }: Read): number {
  if (!o.rows) return o.count
  const rows = ownRows(o)
  const all = rows.filter(({ to }, i) => to !== undefined || i < rows.length - 1).length
  return Math.min(MOST_OWN_SPANS, all)
}

/** What stands under the two clocks is the row that begins there, and that row or the one that the stretch reaches. */
function expectOwnSpan(read: Read, asked: Shapes): void {
  const rows = ownRows(read.o)
  const begins = rows.findIndex(({ what }) => what === words(asked, 'what-0'))
  const row = rows[begins]
  const then = row?.to === undefined ? rows[begins + 1] : row
  const [from, to] = inPart(asked, 'figures').flatMap(({ text = '' }) => text)
  const two = (minute: number) =>
    [Math.floor(minute / 60), minute % 60].map((n) => String(n).padStart(2, '0')).join(':')
  read.expect(
    row !== undefined &&
      then?.what === words(asked, 'what-1') &&
      from === two(row.minute) &&
      to === two(row.to ?? then.minute),
    `${from} ${words(asked, 'what-0')} to ${to} ${words(asked, 'what-1')} is not in the day`,
  )
}

export const spanning: Checker = (read) => {
  const pairs = questions(read, spansOf(read))
  if (read.o.rows) pairs.forEach(({ asked }) => expectOwnSpan(read, asked))
  else expectAskedOnce(read, pairs)
  for (const { asked, answered } of pairs) {
    const [from, to] = dials(asked)
    const answer = lengthIn(words(answered, 'answer'))
    read.expect(
      modulo(answer, 720) === modulo((to?.time ?? NaN) - (from?.time ?? NaN), 720),
      `“${words(answered, 'answer')}”`,
    )
    const jumps = inPart(answered, 'jumps').filter(({ tag, text = '' }) => tag === 'text' && /\d (h|min)/.test(text))
    read.expect(jumps.reduce((sum, { text = '' }) => sum + lengthIn(text), 0) === answer, 'the jumps do not add up')
    read.expect(inPart(asked, 'jumps').length === 0 && words(asked, 'answer') === '', 'the answer stands on the page')
  }
}

export const planning: Checker = (read) => {
  const pairs = questions(read)
  const times = pairs.map(({ asked, answered }) => {
    const time = /^(\d\d):(\d\d)$/.exec(words(answered, 'time'))
    const minute = Number(time?.[1]) * 60 + Number(time?.[2])
    expectHandsOf(read, { asked, answered }, minute)
    read.expect(!read.o.reversed || words(asked, 'time') === '', 'the answer stands on the page')
    return minute
  })
  read.expect(
    times.every((time, i) => i === 0 || time > (times[i - 1] ?? 0)),
    `a day out of order: ${times.join(', ')}`,
  )
  // Each row as it was typed: what happens then stands at its time.
  for (const { minute, what } of ownRows(read.o)) {
    const asked = words(pairs[times.indexOf(minute)]?.asked ?? [])
    read.expect(asked.startsWith(`${what} `) || asked === what, `“${what}” is not where its time is`)
  }
}

/** Which hands stand on the page and which in the key, on each clock of a row. */
const DRAWN = {
  both: [['', 'hour minute']],
  hour: [['minute', 'hour minute']],
  minute: [['hour', 'hour minute']],
  apart: [
    ['', 'hour'],
    ['', 'minute'],
  ],
} as const

/** The hands of a row are where its time has them: all in the key, and on the page only those that are given. */
function expectHandsOf(read: Read, { asked, answered }: Pairs[number], minute: number): void {
  const { reversed, drawn = 'both' } = read.o
  const due = { hour: (minute % 720) / 2, minute: (minute % 60) * 6 }
  const names = (shapes: Shapes) =>
    dials(shapes).map((dial) => (['hour', 'minute'] as const).filter((hand) => dial[hand] !== undefined).join(' '))
  const clocks = reversed ? [['hour minute', 'hour minute']] : DRAWN[drawn]
  read.expect(
    names(answered).join() === clocks.map(([, key]) => key).join() &&
      names(asked).join() ===
        clocks
          .map(([page]) => page)
          .filter((page) => page !== '')
          .join(),
    `hands on the page: ${names(asked).join()}, in the key: ${names(answered).join()}`,
  )
  for (const dial of [...dials(asked), ...dials(answered)])
    for (const hand of ['hour', 'minute'] as const)
      read.expect(
        dial[hand] === undefined || apart(dial[hand], due[hand]) < 0.1,
        `the ${hand} hand at ${dial[hand]}° for minute ${minute}`,
      )
}

/** When to start, and the steps written as a sum, whose total stands in the key alone. */
export const startingEarly: Checker = (read) => {
  // Steps of an own day take up to 75 minutes, and are not asked for what is earlier.
  const own = ownRows(read.o).filter(({ minute }) => minute >= 75)
  const wanted = read.o.rows ? Math.min(6, own.length) : read.o.count
  shifting(
    (asked) => -lengthIn(words(asked, 'steps')),
    () => wanted,
  )(read)
  for (const { asked } of read.o.rows ? questions(read, wanted) : []) {
    const time = dials(inPart(asked, 'from'))[0]?.time
    const isThere = own.some(({ minute, what }) => minute % 720 === time && what === words(asked, 'what'))
    read.expect(isThere, `“${words(asked, 'what')}” at ${time} is not in the day`)
  }
  for (const { asked, answered } of questions(read, wanted)) {
    read.expect(words(asked, 'sum') === '', 'the sum stands on the page')
    read.expect(lengthIn(words(answered, 'sum')) === lengthIn(words(asked, 'steps')), `sum “${words(answered, 'sum')}”`)
  }
}
