import { languages } from '../../../src/core/wording'
import { certifying, leafing, stripping } from './kept'
import {
  type Read,
  dials,
  expectDistinct,
  expectRepeated,
  groups,
  inPart,
  minuteIn,
  modulo,
  type Shapes,
  saysTruth,
  shiftIn,
  textBox,
  widthOf,
  words,
} from './reading'
import { type Point, letters } from '../svg'
import { expectDie } from './dieNet'
import { folding } from './foldSquare'
import { inPieces } from './pieces'
import { flickingTwice, spinning } from './spun'
import { turningWheel } from './wheel'
import { ringing, sliding } from './slid'
import { standingUp, wearing } from './worn'
import { cards, expectControl, face, pairing, control, said } from './sets'

/* One checker a game: sets, loops, boards and trails are played through again from what is on the page. */

type Checker = (read: Read) => void

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
  expectDistinct(
    read,
    own.map(({ has }) => has),
    'a clock is on two cards',
  )
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
  // The key tells the same loop: each of its lines is asked for by the card of the line before.
  const told = groups(read.key[0] ?? [], 'line').map((line) => words(line).replace(/^\d+\. /, ''))
  read.expect(told.length === o.count, `${told.length} lines in the key`)
  told.forEach((text, i) => {
    const holder = all.findIndex((dial) => said(dial, o) === text)
    const asks = own[holder]?.asks ?? 'nothing'
    read.expect(asks === whoHas(told[(i + 1) % told.length] ?? ''), `after “${text}” of the key comes “${asks}”`)
  })
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
    read.expect(
      minuteIn(lines[i]?.slice(lines[i].lastIndexOf(': ') + 2) ?? '', read.o) === due ||
        minuteIn(/\S+$/.exec(lines[i] ?? '')?.[0] ?? '', read.o) === due,
      `key “${lines[i]}”`,
    )
  })
}

const tiling: Checker = (read) => {
  const { o } = read
  control(read)
  const all = groups(read.key.flat(), 'pair')
  const number = new Map(all.map((pair, i) => [face(pair) ?? '', i]))
  const spoken = new Map(all.map((pair, i) => [words(pair, 'words'), i]))
  const ends = cards(read, 'tile').map((tile) => [number.get(face(tile) ?? ''), spoken.get(words(tile, 'words'))])
  read.expect(ends.length === (o.count * (o.count + 1)) / 2, `${ends.length} tiles`)
  expectDistinct(
    read,
    ends.map((pair) => (pair.includes(undefined) ? undefined : pair.map(String).sort().join('-'))),
    'a tile comes twice',
  )
}

const calling: Checker = (read) => {
  const { o } = read
  const calls = groups(read.key[0] ?? [], 'call').map((line) => words(line).replace(/^\d+\. /, ''))
  const boards = cards(read, 'board').map((board) => dials(board))
  read.expect(boards.length === (o.boards ?? 4), `${boards.length} boards`)
  const places = boards.map((board) => board.map((dial) => calls.indexOf(said(dial, o))))
  for (const board of places) {
    read.expect(board.length === (calls.length >= 14 ? 9 : 4) && !board.includes(-1), 'a clock is never called')
    expectDistinct(read, board, 'a board has a time twice')
  }
  expectDistinct(read, calls, 'a time is called twice')
  expectDistinct(
    read,
    places.map((board) => [...board].sort((a, b) => a - b).join()),
    'two boards are alike',
  )
  const full = places.map((board) => Math.max(...board) + 1)
  const told = groups(read.key[1] ?? [], 'line').map((line) => Number(/(\d+)\D*$/.exec(words(line))?.[1]))
  read.expect(told.join() === full.join(), `full at ${full.join()}, said ${told.join()}`)
  if (boards.length <= o.count - (o.count >= 14 ? 8 : 3)) expectDistinct(read, full, 'two boards win together')
}

const angleOf = (at?: Point, from?: Point) =>
  (Math.atan2((at?.x ?? NaN) - (from?.x ?? NaN), (from?.y ?? NaN) - (at?.y ?? NaN)) * 180) / Math.PI
const distance = (a?: Point, b?: Point) => Math.hypot((a?.x ?? NaN) - (b?.x ?? NaN), (a?.y ?? NaN) - (b?.y ?? NaN))

/** What is thrown or twirled and what is covered: words and their clocks, or clocks and their figures or words. */
function expectFilled(read: Read, thrown: readonly Shapes[], mats: readonly Shapes[]): void {
  const { o } = read
  const often = o.cells ?? 3
  const clocks = mats.flatMap((page) => dials(page))
  const cells = mats.flatMap((page) => groups(page, 'cell'))
  const isOneHanded = o.rung === 'fives' || o.rung === 'hour-hand'
  const matches = (one: Shapes): number => {
    const [dial] = dials(one)
    if (!dial) return clocks.filter((each) => said(each, o) === words(one)).length
    const texts = cells.map((cell) => words(cell))
    return texts.filter(
      (text) => saysTruth(dial, text, o) && (isOneHanded || /^\d/.test(text) === (o.covers === 'figures')),
    ).length
  }
  const isShown = o.covers === undefined || o.covers === 'dials'
  const all = isShown ? clocks.length : cells.length
  read.expect(all === thrown.length * often, `${all} on the mat`)
  read.expect(isShown === (dials(thrown.flat()).length === 0), 'the same is thrown as is covered')
  expectDistinct(
    read,
    thrown.map((one) => face(one) ?? words(one)),
    'a time comes twice',
  )
  for (const one of thrown)
    read.expect(matches(one) === often, `“${face(one) ?? words(one)}” comes ${matches(one)} times`)
  if (isShown)
    return expectControl(
      read,
      thrown.map((one) => words(one)),
    )
  const known = [...control(read).values()].sort().join()
  read.expect(
    known ===
      thrown
        .map((one) => face(one))
        .sort()
        .join(),
    'the key has other clocks',
  )
  const told = [...control(read).keys()].flatMap((text) => Array.from({ length: often }, () => text))
  read.expect(
    told.sort().join('|') ===
      cells
        .map((cell) => words(cell))
        .sort()
        .join('|'),
    'the key has other words',
  )
  for (const cell of cells) {
    const [spot, text] = [textBox(cell.filter(({ tag }) => tag === 'circle')), cell.filter(({ tag }) => tag === 'text')]
    const [x, y, r] = [(spot.left + spot.right) / 2, (spot.top + spot.bottom) / 2, (spot.right - spot.left) / 2]
    for (const line of text)
      for (const corner of letters(line, widthOf(line)))
        read.expect(distance(corner, { x, y }) < r, `“${line.text}” runs out of its place on the mat`)
  }
}

const filling: Checker = (read) => {
  const { o } = read
  const [first = [], ...mats] = read.pages
  const sectors = groups(first, 'sector')
  const faces = [...groups(first, 'face'), ...sectors]
  expectFilled(read, faces, mats)
  if (groups(first, 'face').length > 0) expectDie(read, first)
  if (sectors.length === 0) return
  const lines = first.filter(({ tag, parts }) => tag === 'line' && parts.at(-1) === 'spinner')
  const edges = lines.map(({ points: [from, to] }) => angleOf(to, from))
  const weights = faces.map((_, i) => o.sectors?.[i] ?? 1)
  const sum = weights.reduce((total, weight) => total + weight, 0)
  edges.forEach((edge, i) => {
    const wide = modulo((edges[(i + 1) % edges.length] ?? 0) - edge, 360)
    read.expect(Math.abs(wide - (360 * (weights[i] ?? 0)) / sum) < 0.1, `sector ${i + 1} is ${wide} degrees wide`)
    const [centre, rim] = lines[i]?.points ?? []
    // Every corner of every line of words, and every clock, lies within the edges and the rim.
    const own = sectors[i] ?? []
    for (const {
      points: [left, right],
    } of own.filter(({ tag, parts }) => tag === 'circle' && parts.at(-1) === 'dial').slice(0, 1)) {
      const at = { x: ((left?.x ?? NaN) + (right?.x ?? NaN)) / 2, y: ((left?.y ?? NaN) + (right?.y ?? NaN)) / 2 }
      const r = distance(left, right) / 2
      const [away, on] = [distance(at, centre), modulo(angleOf(at, centre) - edge, 360)]
      const toEdges = [on, wide - on].map((turn) => away * Math.sin((Math.min(turn, 90) * Math.PI) / 180))
      read.expect(
        on < wide && Math.min(...toEdges) > r && away + r < distance(rim, centre),
        `the clock of sector ${i + 1} reaches out of it`,
      )
    }
    for (const text of own.filter(({ tag, parts }) => tag === 'text' && !parts.includes('dial')))
      for (const corner of letters(text, widthOf(text))) {
        const on = modulo(angleOf(corner, centre) - edge, 360)
        read.expect(
          on < wide && distance(corner, centre) < distance(rim, centre),
          `“${text.text}” runs out of sector ${i + 1}`,
        )
      }
  })
}

const trailing: Checker = (read) => {
  const [page = []] = read.pages
  const clocks = dials(page)
  expectDistinct(
    read,
    clocks.map(({ time }) => time),
    'a time is on the page twice',
  )
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
  const [told = []] = read.key
  expectRepeated(read, inPart(page, 'dial'), inPart(told, 'dial'), 'the trail')
  const joined = inPart(told, 'join')
  read.expect(joined.length === read.o.count && inPart(page, 'join').length === 0, `${joined.length} lines in the key`)
  joined.forEach(({ points: [from, to] }, i) => {
    const [a, b] = [path[i]?.pivot, path[(i + 1) % path.length]?.pivot]
    const off =
      Math.hypot((from?.x ?? 0) - (a?.x ?? NaN), (from?.y ?? 0) - (a?.y ?? NaN)) +
      Math.hypot((to?.x ?? 0) - (b?.x ?? NaN), (to?.y ?? 0) - (b?.y ?? NaN))
    read.expect(off < 0.05, `line ${i + 1} of the key misses a clock by ${off} mm`)
  })
  // Each step of the key again: from where, by how much, to where.
  const steps = read.key
    .slice(1)
    .flat()
    .flatMap(({ text = '', weight }) =>
      weight === 'bold' ? (/^(\d+)\. (\d+\D\d\d), (.+?)\u00a0?: (\d+\D\d\d)$/.exec(text) ?? []).slice(1) : [],
    )
  const due = path
    .slice(1)
    .flatMap(({ time }, i) => [i + 1, path[i]?.time, modulo(time - (path[i]?.time ?? NaN), 720), time])
  const said = steps.map((each, i) =>
    i % 4 === 0 ? Number(each) : i % 4 === 2 ? modulo(shiftIn(each, read.o), 720) : minuteIn(each, read.o),
  )
  read.expect(said.join() === due.join(), `the steps of the key are ${steps.join()}`)
  for (const { text = '', weight } of read.key.slice(1).flat()) {
    const time = weight === 'bold' ? undefined : /^(\d+[:.]\d\d), /.exec(text)?.[1]
    if (time === undefined) continue
    const [isThere, isNot] = ON_PAGE[read.o.wording.language.slice(0, 2)] ?? []
    const there = clocks.some((clock) => clock.time === minuteIn(time, read.o))
    read.expect(text.includes((there ? isThere : isNot) ?? 'no words'), `“${text}”`)
  }
}

/** How the key says that a clock is on the page, and that it is not. */
const ON_PAGE: Readonly<Record<string, readonly [string, string]>> = {
  en: ['which is there', 'which is not on the page'],
  de: ['steht auf dem Blatt', 'steht nicht auf dem Blatt'],
  fr: ['qui est sur la page', 'qui n’est pas sur la page'],
  es: ['que está en la página', 'que no está en la página'],
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
  'fold-and-choose': folding,
  'window-wheel': turningWheel,
  'spinning-tops': spinning,
  'two-rings': flickingTwice,
  'clock-in-pieces': inPieces,
  'wrist-clock': wearing,
  'standing-clock': standingUp,
  'fives-ring': ringing,
  'minute-sleeve': sliding,
  certificate: certifying,
  'clock-strip': stripping,
  'clock-book': leafing,
}
