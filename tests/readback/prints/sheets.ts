import { languages } from '../../../src/core/wording'
import { apart } from '../svg'
import {
  type Read,
  type Shapes,
  answerIn,
  dials,
  expectDistinct,
  expectRepeated,
  groups,
  hands,
  inPart,
  lengthIn,
  minuteIn,
  modulo,
  ownRows,
  questions,
  saysTruth,
  shiftIn,
  textBox,
  words,
} from './reading'
import { checking } from './rungCheck'

/* One checker a sheet: what the key says is worked out again from the hands and words on the page. */

type Checker = (read: Read) => void

type Pairs = ReturnType<typeof questions>

/** The dials of each question show what those of no other do. */
function expectAskedOnce(read: Read, pairs: Pairs): void {
  const shown = pairs.map(({ asked }) => hands(asked))
  read.expect(
    shown.every(({ length }) => length > 0),
    'a dial is missing',
  )
  expectDistinct(
    read,
    shown.map((own) => own.join(', ')),
    'a time is asked twice',
  )
}

/** Dials to read: the answer is what the hands of the page say. */
const reading: Checker = (read) => {
  const pairs = questions(read)
  for (const { asked, answered } of pairs) {
    const [dial] = dials(asked)
    if (!dial) return read.fail('a dial is missing')
    answerIn(read, asked, answered, (text) => saysTruth(dial, text, read.o))
  }
  expectAskedOnce(read, pairs)
}

const rounding: Checker = (read) => {
  const pairs = questions(read)
  expectAskedOnce(read, pairs)
  for (const { asked, answered } of pairs) {
    const time = dials(asked)[0]?.time ?? NaN
    answerIn(read, asked, answered, (text) => {
      const said = minuteIn(text, read.o) ?? NaN
      return said % 5 === 0 && Math.min(modulo(said - time, 720), modulo(time - said, 720)) <= 2
    })
  }
}

/** Empty dials on the page, the hands in the key; the time is told by the words in each question. */
const drawing: Checker = (read) => {
  const pairs = questions(read)
  read.expect(
    pairs.every(({ asked }) => dials(asked).length === 0),
    'hands stand on the page',
  )
  for (const { asked, answered } of pairs) {
    const said = words(asked.filter(({ parts }) => !parts.includes('face'))).replace(/^\d+ /, '')
    read.expect(minuteIn(said, read.o) === dials(answered)[0]?.time, `the key’s hands are not at “${said}”`)
  }
  expectDistinct(
    read,
    pairs.map(({ answered }) => dials(answered)[0]?.time),
    'a time is asked twice',
  )
}

const fading: Checker = (read) => {
  drawing(read)
  const sizes = groups(read.pages[0] ?? [], 'question').map((each) => inPart(each, 'face').length)
  read.expect(
    sizes.every((size, i) => i === 0 || size < (sizes[i - 1] ?? 0)),
    `helps do not fade: ${sizes.join(', ')}`,
  )
}

const spotting: Checker = (read) => {
  const pairs = questions(read)
  expectDistinct(
    read,
    pairs.map(({ asked }) => words(asked, 'words')),
    'a time is asked twice',
  )
  for (const { asked, answered } of pairs) {
    const due = minuteIn(words(asked, 'words'), read.o)
    const rings = inPart(answered, 'ring').map(({ origin }) => origin)
    const own = dials(answered)
    read.expect(
      own.length === 4 &&
        own.map(({ time }) => time).join() ===
          dials(asked)
            .map(({ time }) => time)
            .join(),
      'page and key show different clocks',
    )
    const isRinged = own.map(({ pivot }) => rings.some((ring) => Math.hypot(ring.x - pivot.x, ring.y - pivot.y) < 0.5))
    own.forEach(({ time }, i) =>
      read.expect((time === due) === isRinged[i], `${time} is ${isRinged[i] ? '' : 'not '}ringed for ${due}`),
    )
    expectDistinct(
      read,
      own.filter(({ time }) => time !== due).map(({ time }) => time),
      'a wrong clock comes twice',
    )
    read.expect(isRinged.some(Boolean), 'nothing is ringed')
    read.expect(inPart(asked, 'ring').length === 0, 'the answer is ringed on the page')
  }
}

const joining: Checker = (read) => {
  const [page = []] = read.key
  const clocks = groups(page, 'clock')
  const said = groups(page, 'words')
  for (const name of ['clock', 'words'])
    expectRepeated(read, groups(read.pages[0] ?? [], name).flat(), groups(page, name).flat(), `each ${name}`)
  const near = (from: readonly Shapes[], y: number) =>
    from.find((shapes) =>
      shapes.some(
        ({ tag, parts, points }) =>
          tag === 'circle' &&
          !parts.includes('dial') &&
          Math.abs(((points[2]?.y ?? 0) + (points[3]?.y ?? 0)) / 2 - y) < 0.1,
      ),
    )
  expectDistinct(
    read,
    clocks.map((clock) => hands(clock)[0]),
    'a clock comes twice',
  )
  const lines = inPart(page, 'join')
  read.expect(lines.length === read.o.count, 'a line is missing')
  for (const {
    points: [from, to],
  } of lines) {
    const [clock, text] = [near(clocks, from?.y ?? 0), near(said, to?.y ?? 0)]
    const [dial] = dials(clock ?? [])
    read.expect(dial !== undefined && saysTruth(dial, words(text ?? []), read.o), `joined to “${words(text ?? [])}”`)
  }
  expectDistinct(
    read,
    lines.map(({ points }) => points[0]?.y),
    'a clock is joined twice',
  )
  expectDistinct(
    read,
    lines.map(({ points }) => points[1]?.y),
    'a time is joined twice',
  )
  read.expect(inPart(read.pages[0] ?? [], 'join').length === 0, 'the lines stand on the page')
}

const ordering: Checker = (read) => {
  const pairs = questions(read).map(({ asked, answered }) => ({
    time: dials(asked)[0]?.time ?? NaN,
    place: Number(words(answered, 'answer')),
  }))
  expectDistinct(
    read,
    pairs.map(({ time }) => time),
    'a time comes twice',
  )
  const sorted = [...pairs].sort((a, b) => a.time - b.time)
  sorted.forEach(({ time, place }, i) =>
    read.expect(place === i + 1 && time >= 60, `${time} has place ${place}, is ${i + 1}`),
  )
}

const judging: Checker = (read) => {
  const pairs = questions(read)
  expectAskedOnce(read, pairs)
  const verdicts = pairs.map(({ asked, answered }) => {
    const [dial] = dials(asked)
    const isTicked = inPart(answered, 'tick').length > 0
    read.expect(isTicked !== inPart(answered, 'cross').length > 0, 'neither ticked nor crossed')
    read.expect(
      dial !== undefined && saysTruth(dial, words(asked, 'said'), read.o) === isTicked,
      `“${words(asked, 'said')}” is ${isTicked ? 'ticked' : 'crossed'}`,
    )
    return isTicked
  })
  const ticks = verdicts.filter(Boolean).length
  read.expect(Math.abs(2 * ticks - verdicts.length) <= 1, `${ticks} of ${verdicts.length} are right`)
}

const colouring: Checker = (read) => {
  const { phrases } = languages[read.o.wording.language]
  const pairs = questions(read)
  expectAskedOnce(read, pairs)
  for (const { asked, answered } of pairs) {
    const [dial] = dials(answered)
    if (!dial || dial.hour === undefined) return read.fail('a dial is missing')
    const hour = modulo(dial.hour + 0.01, 360)
    const zone = answered
      .filter(
        ({ tag, parts, points: [at] }) =>
          tag === 'path' &&
          parts.at(-1) === 'dial' &&
          Math.hypot((at?.x ?? 0) - dial.pivot.x, (at?.y ?? 0) - dial.pivot.y) < 0.01,
      )
      .at(-1)
    const [, edge] = zone?.points ?? []
    const from = modulo((Math.atan2((edge?.x ?? 0) - dial.pivot.x, dial.pivot.y - (edge?.y ?? 0)) * 180) / Math.PI, 360)
    read.expect(apart(from, Math.floor(hour / 30) * 30) < 0.2, `zone from ${from} for an hour hand at ${hour}`)
    read.expect(
      words(answered, 'answer') === phrases.stillHour(Math.floor(hour / 30) || 12),
      `“${words(answered, 'answer')}”`,
    )
    read.expect(words(asked, 'answer') === '', 'the answer stands on the page')
  }
}

const lining: Checker = (read) => {
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
const shifting =
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

const spanning: Checker = (read) => {
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

const planning: Checker = (read) => {
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
const startingEarly: Checker = (read) => {
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

export const sheetCheckers = {
  'read-dials': reading,
  'one-hand-dials': reading,
  'round-fives': rounding,
  'draw-hands': drawing,
  'draw-clock': fading,
  'spot-same': spotting,
  'match-sheet': joining,
  'order-times': ordering,
  'true-false': judging,
  'colour-zone': colouring,
  'number-line': lining,
  'later-sooner': shifting((asked, { o }) => shiftIn(words(asked, 'way'), o)),
  'work-back-sheet': startingEarly,
  'how-long': spanning,
  timetable: planning,
  'rung-check': checking,
}
