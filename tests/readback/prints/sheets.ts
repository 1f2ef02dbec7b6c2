import { languages } from '../../../src/core/wording'
import { apart } from '../svg'
import {
  type Shapes,
  answerIn,
  dials,
  expectDistinct,
  expectRepeated,
  groups,
  hands,
  inPart,
  minuteIn,
  modulo,
  questions,
  saysTruth,
  shiftIn,
  words,
} from './reading'
import { checking } from './rungCheck'
import { type Checker, expectAskedOnce } from './sheetParts'
import { lining, shifting, spanning, planning, startingEarly } from './spanSheets'

/* One checker a sheet: what the key says is worked out again from the hands and words on the page. */

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
