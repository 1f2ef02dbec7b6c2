import { languages, papers, say, wordingOn } from '../../../src/core'
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
  shiftIn,
  textBox,
  words,
} from './reading'

/* One checker a game or set of cards: sets, loops and keys are worked out again from what is on the cards. */

type Checker = (read: Read) => void

/** All cards of all pages, each inside the lines it is cut out by. */
function cards(read: Read, name = 'card'): Shapes[] {
  return read.pages.flatMap((page) => {
    const lines = cutLines(page)
    const own = groups(page, name)
    for (const card of own) read.expect(cellOf(card, lines) !== undefined, `a ${name} crosses its cut lines`)
    return own
  })
}

/** The words by each dial of a control card or of a card are true of its hands. */
function truths(read: Read, groupsOf: readonly Shapes[]): void {
  for (const each of groupsOf) {
    const [dial] = dials(each)
    const said = words(each, 'words')
    read.expect(dial !== undefined && saysTruth(dial, said, read.o), `“${said}” by a dial at ${dial?.time}`)
  }
}

/** What a dial shows, also with one hand, for comparing. */
const face = (shapes: Shapes) => dials(shapes).map(({ hour, minute }) => `${hour?.toFixed(1)} ${minute?.toFixed(1)}`)[0]

/** The words that are true of a face, by the pairs of a control card that are true themselves. */
function control(read: Read): Map<string, string> {
  const pairs = groups(read.key[0] ?? [], 'pair')
  truths(read, pairs)
  return new Map(pairs.map((pair) => [words(pair, 'words'), face(pair) ?? '']))
}

/** Each dial once, and its words once, on cards of their own. */
const pairing: Checker = (read) => {
  const own = cards(read)
  const known = control(read)
  const faces = own.flatMap((card) => face(card) ?? [])
  const said = own.flatMap((card) => (face(card) ? [] : [words(card, 'words')]))
  read.expect(faces.length === read.o.count && said.length === read.o.count, `${faces.length} dials and ${said.length} words for ${read.o.count} pairs`) // prettier-ignore
  expectDistinct(read, faces, 'a dial comes twice')
  expectDistinct(read, said, 'words come twice')
  read.expect([...faces].sort().join() === said.map((text) => known.get(text)).sort().join(), 'dials and words are not of the same times') // prettier-ignore
}

/** Sets of two or three that say the same; and the same number behind all of a set, exactly behind each card. */
const matching: Checker = (read) => {
  const { o } = read
  if (o.forms !== 3) pairing(read)
  else cards(read)
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
  if (o.forms === 3 || o.backs) {
    read.expect(sets.size === o.count, `${sets.size} sets instead of ${o.count}`)
    for (const [time, numbers] of sets) read.expect(numbers.length === (o.forms ?? 2) && new Set(numbers).size === 1, `the set of ${time} has ${numbers.join(', ')} behind it`) // prettier-ignore
    if (o.backs) expectDistinct(read, [...sets.values()].map(([number]) => number), 'two sets have one number')
  }
} // prettier-ignore

/** The time of a card, however it is told; one-handed faces by what is true of them. */
function setOf(card: Shapes, { o }: Read): string {
  const [dial] = dials(card)
  if (!dial) return words(card, 'figures') !== '' ? String(minuteIn(words(card, 'figures'), o)) : (oneHanded(o) ? words(card) : String(minuteIn(words(card), o))) // prettier-ignore
  const language = languages[o.wording.language]
  if (dial.minute === undefined) return language.sayAbout(Math.round(modulo(dial.hour ?? 0, 360) * 2) % 720)
  return dial.hour === undefined
    ? language.sayMinutes(Math.round(modulo(dial.minute, 360) / 6) % 60)
    : String(dial.time)
}

const oneHanded = ({ rung }: Read['o']) => rung === 'fives' || rung === 'hour-hand'

/** The middle of what is on a back lies behind the middle of the card in front, when the sheet is turned over. */
function isBehind(back: Shapes, front: { x: number; y: number } | undefined, o: Read['o']): boolean {
  const { width, height } = papers[o.paper]
  const box = textBox(back)
  const due = o.backs === 'short-edge' ? { x: front?.x ?? NaN, y: height - (front?.y ?? NaN) } : { x: width - (front?.x ?? NaN), y: front?.y ?? NaN } // prettier-ignore
  const [text] = back.filter(({ tag }) => tag === 'text')
  // A baseline lies half a capital's height under the middle.
  const middle = (text?.points[0]?.y ?? NaN) - ((text?.size ?? 0) * 1485) / 2048 / 2
  return Math.abs((box.left + box.right) / 2 - due.x) <= 0.2 && Math.abs(middle - due.y) <= 0.2
}

const remembering: Checker = (read) => {
  pairing(read)
  const backs = read.pages.filter((page) => groups(page, 'back').length > 0)
  read.expect(backs.length === (read.o.backs ? read.pages.length / 2 : 0), 'pages of backs are missing')
  for (const back of backs.flatMap((page) => groups(page, 'back')))
    read.expect(words(back) === '', 'a back tells its card')
}

const looping: Checker = (read) => {
  const { o } = read
  const { whoHas } = languages[o.wording.language].phrases
  const own = cards(read).map((card) => ({ has: face(card) ?? '', asks: words(card, 'words') }))
  read.expect(own.length === o.count, `${own.length} cards instead of ${o.count}`)
  const next = new Map(own.map(({ has }) => [has, own.filter((card) => card.has === has)]))
  expectDistinct(read, own.map(({ has }) => has), 'a clock is on two cards') // prettier-ignore
  // The card that is asked for is the one whose clock the words are true of.
  const all = read.pages.flatMap((page) => groups(page, 'card')).flatMap((card) => dials(card))
  const visited = new Set<string>()
  let now = own[0]
  while (now && !visited.has(now.has)) {
    visited.add(now.has)
    const { asks } = now
    const wanted = all.filter((dial) => asks === whoHas(said(dial, o)))
    read.expect(wanted.length === 1, `“${asks}” asks for ${wanted.length} cards`)
    now = next.get(wanted.map(({ hour, minute }) => `${hour?.toFixed(1)} ${minute?.toFixed(1)}`)[0] ?? '')?.[0]
  }
  read.expect(now?.has === own[0]?.has && visited.size === o.count, `a loop of ${visited.size} of ${o.count}`)
}

/** What a group says of a dial, told by its hands. */
function said(dial: { hour?: number; minute?: number; time: number }, { rung, wording }: Read['o']): string {
  const language = languages[wording.language]
  if (dial.minute === undefined) return language.sayAbout(Math.round(modulo(dial.hour ?? 0, 360) * 2) % 720)
  if (dial.hour === undefined) return language.sayMinutes(Math.round(modulo(dial.minute, 360) / 6) % 60)
  return say(dial.time, wordingOn(rung, wording))
}

const laterCards: Checker = (read) => {
  const own = cards(read)
  const asked = own.filter((card) => inPart(card, 'question').length > 0)
  const answers = own.flatMap((card) => dials(inPart(card, 'answer'))).map(({ time }) => time)
  read.expect(asked.length === read.o.count && answers.length === read.o.count, 'a card is missing')
  expectDistinct(read, answers, 'two questions have one answer')
  const lines = groups(read.key[0] ?? [], 'line').map((line) => words(line))
  asked.forEach((card, i) => {
    const from = dials(card)[0]?.time ?? NaN
    const by = shiftIn(words(card, 'way'), read.o)
    const due = modulo(from + by, 720)
    read.expect(read.o.by === undefined || by === read.o.by, `${by} minutes instead of ${read.o.by}`)
    read.expect(answers.includes(due), `no clock at ${due}`)
    read.expect(minuteIn(lines[i]?.slice(lines[i].lastIndexOf(': ') + 2) ?? '', read.o) === due || minuteIn(/\S+$/.exec(lines[i] ?? '')?.[0] ?? '', read.o) === due, `key “${lines[i]}”`) // prettier-ignore
  })
}

const tiling: Checker = (read) => {
  const { o } = read
  control(read)
  const all = groups(read.key[0] ?? [], 'pair')
  const number = new Map(all.map((pair, i) => [face(pair) ?? '', i]))
  const spoken = new Map(all.map((pair, i) => [words(pair, 'words'), i]))
  const ends = cards(read, 'tile').map((tile) => [number.get(face(tile) ?? ''), spoken.get(words(tile, 'words'))])
  read.expect(ends.length === (o.count * (o.count + 1)) / 2, `${ends.length} tiles`)
  expectDistinct(read, ends.map((pair) => (pair.includes(undefined) ? undefined : pair.map(String).sort().join('-'))), 'a tile comes twice') // prettier-ignore
}

const calling: Checker = (read) => {
  const { o } = read
  const calls = groups(read.key[0] ?? [], 'call').map((line) => words(line).replace(/^\d+\. /, ''))
  const boards = cards(read, 'board').map((board) => dials(board))
  read.expect(boards.length === (o.boards ?? 4), `${boards.length} boards`)
  const places = boards.map((board) => board.map((dial) => calls.indexOf(said(dial, o))))
  for (const board of places) {
    read.expect(board.length === 9 && !board.includes(-1), 'a clock is never called')
    expectDistinct(read, board, 'a board has a time twice')
  }
  expectDistinct(read, calls, 'a time is called twice')
  expectDistinct(read, places.map((board) => [...board].sort((a, b) => a - b).join()), 'two boards are alike') // prettier-ignore
  const full = places.map((board) => Math.max(...board) + 1)
  const told = groups(read.key[1] ?? [], 'line').map((line) => Number(/(\d+)$/.exec(words(line))?.[1]))
  read.expect(told.join() === full.join(), `full at ${full.join()}, said ${told.join()}`)
  if (boards.length <= o.count - 8) expectDistinct(read, full, 'two boards win together')
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
    read.expect(left.right < Math.min(edge.left, middle) && right.left > Math.max(edge.right, middle), 'the edge cuts a dial or words') // prettier-ignore
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
  for (const pair of groups(read.key[0] ?? [], 'pair')) {
    const [, hour, minute] = /^(\d+)\s+\+\s+:(\d\d)$/.exec(words(pair, 'words')) ?? []
    read.expect((Number(hour) % 12) * 60 + Number(minute) === dials(pair)[0]?.time, `key “${words(pair, 'words')}”`)
  }
}

const counting: Checker = (read) => {
  const counts = cards(read).map((card) => Number(words(card, 'count')))
  read.expect(counts.sort((a, b) => a - b).join() === Array.from({ length: 12 }, (_, i) => 5 * (i + 1)).join(), `cards ${counts.join()}`) // prettier-ignore
  const ring = (read.key[0] ?? []).filter(({ tag, parts }) => tag === 'text' && parts.includes('dial'))
  const middle = ring[0]?.origin ?? { x: NaN, y: NaN }
  const outer = ring.filter(
    ({ text, points: [at] }) => Math.hypot((at?.x ?? 0) - middle.x, (at?.y ?? 0) - middle.y) > 62 && text,
  )
  read.expect(outer.length === 12, `${outer.length} counts round the dial`)
  for (const { text, points: [at] } of outer) {
    const angle = (Math.atan2((at?.x ?? 0) - middle.x, middle.y - (at?.y ?? 0)) * 180) / Math.PI
    read.expect(apart(angle, Number(text) * 6) < 4, `${text} lies at ${angle} degrees`)
  } // prettier-ignore
  const calls = groups(read.key[1] ?? [], 'call').map((line) => /(\d+): at the (\d+)$/.exec(words(line)))
  for (const call of calls) read.expect(Number(call?.[1]) === 5 * Number(call?.[2]), `“${call?.[0]}”`)
  expectDistinct(read, calls.map((call) => call?.[1]), 'a count is called twice') // prettier-ignore
  read.expect(calls.length === 12, `${calls.length} calls`)
}

const showing: Checker = (read) => {
  const { o } = read
  const { showMe } = languages[o.wording.language].phrases
  const asked = cards(read).map((card) => words(card, 'words'))
  const shown = groups(read.key[0] ?? [], 'pair').flatMap((pair) => dials(pair))
  truths(read, groups(read.key[0] ?? [], 'pair'))
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
  read.expect(own.map((dial) => said(dial, read.o)).sort().join('|') === [...calls].sort().join('|'), 'badges and calls differ') // prettier-ignore
}

const sortingDay: Checker = (read) => {
  const { o } = read
  const { dayPart, phrases } = languages[o.wording.language]
  const own = cards(read)
  const doings = own.filter((card) => dials(card).length > 0)
  const lines = groups(read.key[0] ?? [], 'line').map((line) => words(line))
  read.expect(doings.length === o.count && lines.length === o.count && own.length === o.count + 2, `${doings.length} cards, ${lines.length} lines`) // prettier-ignore
  const told = lines.map((line) => {
    const [, doing = '', h, m, half = ''] = /^\d+\. (.+), (\d\d):(\d\d): (.+)$/.exec(line) ?? []
    const minute = Number(h) * 60 + Number(m)
    const isArguable = half.endsWith(` (${phrases.noonOrNight})`)
    read.expect(half.startsWith(dayPart(minute < 720 ? 600 : 900)), `“${line}”`)
    read.expect(minute % 720 !== 0 || isArguable, 'twelve o’clock is not marked as arguable')
    return `${doing} ${minute % 720} ${isArguable}`
  })
  const drawn = doings.map((card) => `${words(card, 'words')} ${dials(card)[0]?.time} ${inPart(card, 'arguable').length > 0}`) // prettier-ignore
  read.expect([...told].sort().join('|') === [...drawn].sort().join('|'), 'cards and key differ')
}

const filling: Checker = (read) => {
  const { o } = read
  const [first = [], mat = []] = read.pages
  const faces = [...groups(first, 'face'), ...groups(first, 'sector')].map((each) => words(each))
  expectDistinct(read, faces, 'a time comes twice')
  const onMat = dials(mat).map((dial) => said(dial, o))
  read.expect(onMat.length === faces.length * (o.cells ?? 3), `${onMat.length} clocks on the mat`)
  for (const text of faces) read.expect(onMat.filter((each) => each === text).length === (o.cells ?? 3), `“${text}” comes ${onMat.filter((each) => each === text).length} times`) // prettier-ignore
  truths(read, groups(read.key[0] ?? [], 'pair'))
  if (!groups(first, 'sector').length) return
  const edges = first.filter(({ tag, parts }) => tag === 'line' && parts.at(-1) === 'spinner').map(({ points: [from, to] }) => (Math.atan2((to?.x ?? 0) - (from?.x ?? 0), (from?.y ?? 0) - (to?.y ?? 0)) * 180) / Math.PI) // prettier-ignore
  const weights = faces.map((_, i) => o.sectors?.[i] ?? 1)
  const sum = weights.reduce((total, weight) => total + weight, 0)
  edges.forEach((edge, i) => {
    const wide = modulo((edges[(i + 1) % edges.length] ?? 0) - edge, 360)
    read.expect(Math.abs(wide - (360 * (weights[i] ?? 0)) / sum) < 0.1, `sector ${i + 1} is ${wide} degrees wide`)
  })
}

const trailing: Checker = (read) => {
  const [page = []] = read.pages
  const clocks = dials(page)
  expectDistinct(read, clocks.map(({ time }) => time), 'a time is on the page twice') // prettier-ignore
  const start = textBox(inPart(page, 'start').filter(({ tag }) => tag === 'circle'))
  const at = { x: (start.left + start.right) / 2, y: (start.top + start.bottom) / 2 }
  const first = clocks.filter(({ pivot }) => Math.hypot(pivot.x - at.x, pivot.y - at.y) < 0.1)
  read.expect(first.length === 1, `${first.length} clocks are the start`)
  const path = groups(page, 'step').reduce((found, step) => {
    const due = modulo((found[found.length - 1]?.time ?? NaN) + shiftIn(words(step), read.o), 720)
    const next = clocks.filter(({ time }) => time === due)
    // One and only one clock is right, so the trail has one solution.
    read.expect(next.length === 1, `${next.length} clocks are right for “${words(step)}”`)
    return [...found, ...next]
  }, first)
  read.expect(new Set(path).size === read.o.count, `the trail has ${new Set(path).size} clocks`)
  const joined = inPart(read.key[0] ?? [], 'join')
  read.expect(joined.length === read.o.count && inPart(page, 'join').length === 0, `${joined.length} lines in the key`)
  joined.forEach(({ points: [from, to] }, i) => {
    const [a, b] = [path[i]?.pivot, path[(i + 1) % path.length]?.pivot]
    const off = Math.hypot((from?.x ?? 0) - (a?.x ?? NaN), (from?.y ?? 0) - (a?.y ?? NaN)) + Math.hypot((to?.x ?? 0) - (b?.x ?? NaN), (to?.y ?? 0) - (b?.y ?? NaN)) // prettier-ignore
    read.expect(off < 0.05, `line ${i + 1} of the key misses a clock by ${off} mm`)
  })
  for (const { text = '' } of read.key.slice(1).flat()) {
    const [, time = '', not] = /^(\d+[:.]\d\d), which is (not )?(?:there|on the page)/.exec(text) ?? []
    if (time) read.expect(clocks.some((clock) => clock.time === minuteIn(time, read.o)) === !not, `“${text}”`)
  }
}

export const gameCheckers = {
  'toss-and-fill': filling,
  'twirl-and-fill': filling,
  trail: trailing,
  'loop-cards': looping,
  'minutes-later': laterCards,
  'memory-pairs': remembering,
  dominoes: tiling,
  bingo: calling,
  'match-cards': matching,
  'jigsaw-halves': halving,
  'compose-cards': composing,
  'fives-cards': counting,
  'show-me-cards': showing,
  badges: wearing,
  'day-halves-cards': sortingDay,
}
