import { languages } from '../../../src/core/wording'
import { cards } from './sets'
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
  ownRows,
  questions,
  textBox,
  words,
} from './reading'
import { isBehind } from './cards'

/* One checker for each print of a day: the order and the times are worked out again from hands, figures and names. */

type Checker = (read: Read) => void

const clock = (text: string) => {
  const [, h, m] = /(\d\d):(\d\d)/.exec(text) ?? []
  return Number(h) * 60 + Number(m)
}

/** The rows that the key lists, "1. 07:30 breakfast": in the order of the day, and those of the own day. */
function listed(read: Read, lines: readonly Shapes[]): { minute: number; what: string }[] {
  const rows = lines.map((line) => {
    const text = words(line).replace(/^\d+\. /, '')
    return { minute: clock(text), what: text.slice(6) }
  })
  read.expect(
    rows.every(({ minute }, i) => i === 0 || minute > (rows[i - 1]?.minute ?? NaN)),
    'the key is not in the order of the day',
  )
  expectOwn(read, rows)
  return rows
}

function expectOwn(read: Read, rows: readonly { minute: number; what: string }[]): void {
  const own = ownRows(read.o)
  const told = (all: readonly { minute: number; what: string }[]) =>
    all.map(({ minute, what }) => `${minute} ${what}`).join('|')
  if (read.o.rows) read.expect(told(own) === told(rows), `${told(rows)} instead of ${told(own)}`)
  else read.expect(rows.length === read.o.count, `${rows.length} rows instead of ${read.o.count}`)
}

const keyRows = (read: Read) => listed(read, groups(read.key.flat(), 'line'))

/** A clock for each row, its words true of its hands, in the order of the key. */
const hanging: Checker = (read) => {
  const rows = keyRows(read)
  const own = cards(read)
  read.expect(own.length === rows.length, `${own.length} clocks for ${rows.length} rows`)
  own.forEach((card, i) => {
    const time = dials(card)[0]?.time
    read.expect(time === (rows[i]?.minute ?? NaN) % 720, `clock ${i + 1} shows ${time}`)
    read.expect(minuteIn(words(card, 'words'), read.o) === time, `“${words(card, 'words')}” at ${time}`)
    read.expect(words(card, 'name') === rows[i]?.what, `“${words(card, 'name')}” is not row ${i + 1}`)
  })
}

/** Each row on a card of its own, and behind it the number that it has in the day. */
const laying: Checker = (read) => {
  const rows = keyRows(read)
  const own = cards(read)
  const places = own.map((card) => {
    const time = dials(card)[0]?.time
    return rows.findIndex(({ minute, what }) => minute % 720 === time && what === words(card, 'name'))
  })
  expectDistinct(read, places, 'a card is there twice')
  read.expect(places.length === rows.length && !places.includes(-1), `cards ${places.join()}`)
  expectNumbersBehind(
    read,
    places.map((place) => place + 1),
  )
}

/** The numbers on the backs, in the order of the cards, each exactly behind its card. */
function expectNumbersBehind(read: Read, due: readonly number[]): void {
  const fronts = read.pages.filter((page) => groups(page, 'card').length > 0)
  const backs = read.pages.filter((page) => groups(page, 'back').length > 0)
  read.expect(backs.length === (read.o.backs ? fronts.length : 0), 'pages of backs are missing')
  if (!read.o.backs) return
  const numbers = fronts.flatMap((page, i) =>
    groups(page, 'card').map((card, at) => {
      const back = groups(backs[i] ?? [], 'back')[at] ?? []
      read.expect(isBehind(back, cellOf(card, cutLines(page)), read.o), 'a back is not behind its card')
      return Number(words(back))
    }),
  )
  read.expect(numbers.join() === due.join(), `behind the cards ${numbers.join()} instead of ${due.join()}`)
}

/** Two rows side by side; the ring in the key is round the earlier one, and nothing is ringed on the page. */
const comparing: Checker = (read) => {
  const rows = read.o.rows?.length ?? read.o.count
  const pairs = questions(read, Math.min(8, rows - 1))
  const seen = pairs.map(({ asked, answered }) => {
    const sides = [0, 1].map((i) => inPart(asked, `side-${i}`))
    const both = sides.map((side) => ({
      minute: clock(words(side, 'figures')),
      time: dials(side)[0]?.time,
      what: words(side, 'name'),
    }))
    for (const { minute, time } of both) read.expect(time === minute % 720, `a clock at ${time} over ${minute}`)
    const first = (both[0]?.minute ?? NaN) < (both[1]?.minute ?? NaN) ? 0 : 1
    const ringed = [0, 1].filter((i) => inPart(inPart(answered, `side-${i}`), 'ring').length > 0)
    read.expect(ringed.join() === String(first), `ringed ${ringed.join()} where ${first} comes first`)
    read.expect(inPart(asked, 'ring').length === 0, 'the answer stands on the page')
    const ring = textBox(inPart(inPart(answered, `side-${first}`), 'ring'))
    const text = textBox(inPart(inPart(answered, `side-${first}`), 'name'))
    read.expect(ring.left < text.left && ring.right > text.right && ring.bottom > text.bottom, 'the ring cuts words')
    const own = ownRows(read.o)
    for (const { minute, what } of read.o.rows ? both : [])
      read.expect(
        own.some((row) => row.minute === minute && row.what === what),
        `“${what}” is not at ${minute}`,
      )
    return both.map(({ minute }) => minute)
  })
  expectDistinct(
    read,
    seen.map((both) => [...both].sort((a, b) => a - b).join()),
    'a pair is asked twice',
  )
  read.expect(new Set(seen.flat()).size === Math.min(9, rows), 'a row of the day is left out')
}

/** Two cards for each line of the key: the clock with its part of the day, and the figures of 24 hours. */
const countingOn: Checker = (read) => {
  const { dayPart, noon, midnight } = languages[read.o.wording.language]
  const lines = groups(read.key.flat(), 'line').map((line) => {
    const text = words(line).replace(/^\d+\. /, '')
    const [, what = '', half = '', figures = ''] = /^(.*), ([^,]+?)\u00a0?: (\d\d:\d\d)$/.exec(text) ?? []
    read.expect(half === dayPart(clock(figures)), `“${text}”`)
    return { minute: clock(figures), what }
  })
  expectOwn(read, lines)
  const own = cards(read)
  const seen = own.map((card) => {
    const [dial] = dials(card)
    if (!dial) return lines.findIndex(({ minute }) => minute === clock(words(card, 'figures')))
    const half = words(card, 'part')
    return lines.findIndex(({ minute, what }) => {
      const part = minute % 720 === 0 ? (minute === 0 ? midnight : noon) : dayPart(minute)
      return minute % 720 === dial.time && half === part && what === words(card, 'name')
    })
  })
  read.expect(own.length === 2 * lines.length && !seen.includes(-1), `cards of ${seen.join()}`)
  read.expect(
    lines.every((_, i) => seen.filter((place) => place === i).length === 2),
    'a pair is not two cards',
  )
  read.expect(own.filter((card) => dials(card).length > 0).length === lines.length, 'clocks are missing')
  expectNumbersBehind(
    read,
    seen.map((place) => place + 1),
  )
}

/** The list in the order of the day, a clock for each line, and the way in the key from clock to clock. */
const joiningDay: Checker = (read) => {
  const rows = listed(read, groups(read.pages.flat(), 'step'))
  read.pages.forEach((page, at) => {
    const key = read.key[at] ?? []
    const steps = groups(page, 'step').map((step) => clock(words(step)))
    const clocks = groups(page, 'clock').map((shapes) => dials(shapes)[0])
    read.expect(
      clocks.map((dial) => dial?.time).join() === steps.map((minute) => minute % 720).join(),
      'a clock is not the one of its line',
    )
    const same = groups(key, 'clock').map((shapes) => dials(shapes)[0])
    read.expect(
      same.map((dial) => `${dial?.pivot.x.toFixed(2)} ${dial?.time}`).join() ===
        clocks.map((dial) => `${dial?.pivot.x.toFixed(2)} ${dial?.time}`).join(),
      'the key has other clocks',
    )
    const ways = inPart(key, 'path').map(({ points: [a, b] }) => [a, b])
    read.expect(inPart(page, 'path').length === 0, 'the way stands on the page')
    const due = clocks.slice(1).map((dial, i) => [clocks[i]?.pivot, dial?.pivot])
    const isAt = (a?: { x: number; y: number }, b?: { x: number; y: number }) =>
      Math.hypot((a?.x ?? NaN) - (b?.x ?? NaN), (a?.y ?? NaN) - (b?.y ?? NaN)) < 0.02
    read.expect(
      ways.length === due.length && ways.every(([a, b], i) => isAt(a, due[i]?.[0]) && isAt(b, due[i]?.[1])),
      'the way in the key is another one',
    )
    const [start] = inPart(page, 'start').filter(({ tag }) => tag === 'circle')
    const [left, right] = start?.points ?? []
    read.expect(
      isAt({ x: ((left?.x ?? NaN) + (right?.x ?? NaN)) / 2, y: left?.y ?? NaN }, clocks[0]?.pivot),
      'the start is not at the first clock',
    )
  })
  read.expect(rows.length > 0, 'the list is missing')
}

/**
 * What is called is a row of the day with its time in words; each board has clocks that are called, and is full as
 * told.
 */
const callingDay: Checker = (read) => {
  const { o } = read
  const own = ownRows(o)
  const calls = groups(read.key[0] ?? [], 'call').map((line) => {
    const [, what = '', said = ''] = /^\d+\. (.*?)\u00a0?: (.+)$/.exec(words(line)) ?? []
    const time = minuteIn(said, o)
    read.expect(time !== undefined, `“${said}” is no time`)
    if (o.rows)
      read.expect(
        own.some((row) => row.minute % 720 === time && row.what === what),
        `“${what}” is not at ${said}`,
      )
    return time
  })
  expectDistinct(read, calls, 'a time is called twice')
  const perBoard = calls.length >= 14 ? 9 : 4
  const boards = cards(read, 'board').map((board) => dials(board).map(({ time }) => calls.indexOf(time)))
  read.expect(boards.length === (o.boards ?? 4), `${boards.length} boards`)
  for (const board of boards) {
    read.expect(board.length === perBoard && !board.includes(-1), 'a clock is never called')
    expectDistinct(read, board, 'a board has a time twice')
  }
  const full = boards.map((board) => Math.max(...board) + 1)
  const told = groups(read.key[1] ?? [], 'line').map((line) => Number(/(\d+)\D*$/.exec(words(line))?.[1]))
  read.expect(told.join() === full.join(), `full at ${full.join()}, said ${told.join()}`)
}

export const dayCheckers = {
  'wall-strip': hanging,
  'order-cards': laying,
  'which-first': comparing,
  'day-24-cards': countingOn,
  'day-trail': joiningDay,
  'day-bingo': callingDay,
}
