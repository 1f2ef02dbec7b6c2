import { circle, group, INK, line, MOSS, path, type Point, pointOnDial, rectanglePath, type Shape } from '../drawing'
import type { PrintableId } from '../printables'

/** What lies on the table when a game begins, seen from above. */
interface LayOut {
  /**
   * In the middle. Cards lie in rows, face down or face up, in a ring, in a row that grows, on a heap, or on a heap
   * between the two under whose heads they are sorted.
   */
  readonly middle: 'mat' | 'face down' | 'face up' | 'ring' | 'row' | 'heap' | 'heads' | 'nothing'
  /** Before each player: the cards that were dealt out, or a board. */
  readonly before?: 'hand' | 'board'
  /** How many cards each player gets, the rest on a heap; left out, all are dealt out. */
  readonly deal?: number
  /** Beside the middle. */
  readonly beside?: 'die' | 'spinner' | 'list'
}

/** How each game and set of cards is laid out; left out are those that are worn, hung up, or lie before one child. */
const LAY_OUTS: Partial<Record<PrintableId, LayOut>> = {
  'toss-and-fill': { middle: 'mat', beside: 'die' },
  'twirl-and-fill': { middle: 'mat', beside: 'spinner' },
  'loop-cards': { middle: 'nothing', before: 'hand' },
  'minutes-later': { middle: 'row', before: 'hand', deal: 4 },
  'memory-pairs': { middle: 'face down' },
  dominoes: { middle: 'row', before: 'hand' },
  bingo: { middle: 'nothing', before: 'board', beside: 'list' },
  'day-bingo': { middle: 'nothing', before: 'board', beside: 'list' },
  'match-cards': { middle: 'face up' },
  'fives-cards': { middle: 'ring' },
  'day-halves-cards': { middle: 'heads' },
  'order-cards': { middle: 'heap' },
  'day-24-cards': { middle: 'face up' },
}

/** Half of the table each way, how far players sit from its edge, and a player, mm on paper. */
const [HALF_WIDE, HALF_HIGH, SEAT, PLAYER] = [72, 37, 8, 6] as const
/** The height of the picture, players and all, mm. */
export const TABLE_PICTURE_MM = 2 * (HALF_HIGH + SEAT + PLAYER)
/** More than these do not sit round one table. */
const MOST_PLAYERS = 6
const OUTLINE = { stroke: INK, strokeMm: 0.4, fill: '#FFFFFF' } as const
const BACK = { stroke: INK, strokeMm: 0.4, fill: '#F7E6C9' } as const
const GROUND = { stroke: INK, strokeMm: 0.5, fill: '#DDEBDD' } as const

interface PlayerSeat extends Point {
  /** Clockwise from the far side of the table, degrees: where its player looks to. */
  readonly turn: number
}

/** Seats along the two long sides, and at the short ones from five players on. */
function seatsFor(players: number): PlayerSeat[] {
  const below = (x: number): PlayerSeat => ({ x, y: HALF_HIGH, turn: 0 })
  const above = (x: number): PlayerSeat => ({ x, y: -HALF_HIGH, turn: 180 })
  const ends: PlayerSeat[] = [
    { x: HALF_WIDE, y: 0, turn: -90 },
    { x: -HALF_WIDE, y: 0, turn: 90 },
  ]
  const apart = 0.48 * HALF_WIDE
  const four = [below(-apart), above(apart), below(apart), above(-apart)]
  if (players === 1) return [below(0)]
  if (players === 2) return [below(0), above(0)]
  return [...four, ...ends].slice(0, players)
}

type TableLook = Parameters<typeof path>[1]

const rectangle = ({ x, y }: Point, [wide, high]: readonly [number, number], look: TableLook) =>
  path(rectanglePath(x - wide / 2, y - high / 2, wide, high), look)

/** So many cards in rows in the middle, as large as the room leaves them. */
function inRows(cards: number, look: TableLook): Shape[] {
  const [wide, high] = [76, 42]
  const columns = Math.ceil(Math.sqrt((cards * wide) / high))
  const rows = Math.ceil(cards / columns)
  const [stepX, stepY] = [Math.min(12, wide / columns), Math.min(12, high / rows)]
  return Array.from({ length: cards }, (_, i) => {
    const x = ((i % columns) - (columns - 1) / 2) * stepX
    const y = (Math.floor(i / columns) - (rows - 1) / 2) * stepY
    return group([rectangle({ x, y }, [0.8 * stepX, 0.8 * stepY], look)], { part: `card-${i}` })
  })
}

function inARing(cards: number): Shape[] {
  return Array.from({ length: cards }, (_, i) => {
    const at = pointOnDial((360 * (i + 1)) / cards, 21)
    return group([rectangle(at, [6, 6], OUTLINE)], { part: `card-${i}` })
  })
}

/** Cards on each other, face down, each a little higher. */
function heap(cards: number, from: number, { x, y }: Point): Shape[] {
  const up = Math.min(0.6, 8 / Math.max(1, cards))
  return Array.from({ length: cards }, (_, i) =>
    group([rectangle({ x, y: y - i * up }, [14, 10], { ...BACK, strokeMm: 0.15 })], { part: `card-${from + i}` }),
  )
}

/** A hand of cards before its player, each over the one before where there are many. */
function hand(cards: number, from: number): Shape[] {
  const [wide, high, room] = [7, 9, 26]
  const step = cards > 1 ? Math.min(wide + 1, (room - wide) / (cards - 1)) : 0
  return Array.from({ length: cards }, (_, i) =>
    group([rectangle({ x: (i - (cards - 1) / 2) * step, y: -9 }, [wide, high], BACK)], { part: `card-${from + i}` }),
  )
}

function board(): Shape[] {
  const side = 5
  return Array.from({ length: 9 }, (_, i) =>
    rectangle({ x: ((i % 3) - 1) * side, y: -11 + (Math.floor(i / 3) - 1) * side }, [side, side], OUTLINE),
  )
}

const clockOnTable = (x: number, y: number, r: number): Shape[] => [
  circle({ x, y }, r, OUTLINE),
  line({ x, y }, { x, y: y - 0.7 * r }, { stroke: MOSS, strokeMm: 0.5 }),
  line({ x, y }, { x: x + 0.45 * r, y }, { stroke: MOSS, strokeMm: 0.5 }),
]

/** A mat of clocks. */
function mat(): Shape[] {
  const clocks = Array.from({ length: 12 }, (_, i) =>
    clockOnTable(((i % 4) - 1.5) * 11, (Math.floor(i / 4) - 1) * 11, 4),
  )
  return [rectangle({ x: 0, y: 0 }, [46, 36], OUTLINE), ...clocks.flat()]
}

function middleOf(layOut: LayOut, cards: number): Shape[] {
  switch (layOut.middle) {
    case 'mat':
      return [group(mat(), { part: 'mat' })]
    case 'face down':
      return inRows(cards, BACK)
    case 'face up':
      return inRows(cards, OUTLINE)
    case 'ring':
      return [...inARing(cards), ...clockOnTable(0, 0, 14)]
    case 'heap':
      return heap(cards, 0, { x: 0, y: 0 })
    case 'heads':
      return [
        ...[-1, 1].map((side, i) =>
          group([rectangle({ x: side * 24, y: 0 }, [16, 12], OUTLINE)], { part: `card-${i}` }),
        ),
        ...heap(cards - 2, 2, { x: 0, y: 0 }),
      ]
    case 'row':
    case 'nothing':
      return []
  }
}

const BESIDE = {
  die: () => [rectangle({ x: 36, y: 0 }, [8, 8], OUTLINE), circle({ x: 36, y: 0 }, 1, { fill: INK })],
  spinner: () => [
    circle({ x: 38, y: 0 }, 9, OUTLINE),
    line({ x: 38, y: 5 }, { x: 38, y: -7 }, { stroke: MOSS, strokeMm: 1 }),
  ],
  list: () => [
    rectangle({ x: 0, y: 0 }, [20, 28], OUTLINE),
    ...Array.from({ length: 5 }, (_, i) =>
      line({ x: -7, y: -10 + 5 * i }, { x: 7, y: -10 + 5 * i }, { stroke: INK, strokeMm: 0.4 }),
    ),
  ],
} as const satisfies Record<NonNullable<LayOut['beside']>, () => Shape[]>

/** A row that has begun: so many of the cards lie in it. */
const begunWith = ({ deal }: LayOut) => (deal === undefined ? 2 : 1)

/** How many cards each player has, and how many are left for the heap. */
function dealt(layOut: LayOut, cards: number, players: number): { readonly hands: number[]; readonly left: number } {
  const free = Math.max(0, layOut.middle === 'row' ? cards - begunWith(layOut) : cards)
  const out = layOut.deal === undefined ? free : Math.min(free, layOut.deal * players)
  const hands = Array.from({ length: players }, (_, i) => Math.floor(out / players) + (i < out % players ? 1 : 0))
  return { hands, left: free - out }
}

/** What lies before each player, and the heap of what is left. */
function before(layOut: LayOut, cards: number, players: number): { of: Shape[][]; left: Shape[] } {
  const none = Array.from({ length: players }, (): Shape[] => [])
  if (layOut.before === 'board') return { of: none.map(board), left: [] }
  if (layOut.before !== 'hand') return { of: none, left: [] }
  const { hands, left } = dealt(layOut, cards, players)
  let next = layOut.middle === 'row' ? begunWith(layOut) : 0
  const of = hands.map((share) => {
    const own = hand(share, next)
    next += share
    return own
  })
  return { of, left: heap(left, next, { x: 44, y: 3 }) }
}

function begunRow(cards: number): Shape[] {
  const tile = (i: number) => [
    rectangle({ x: (i - (cards - 1) / 2) * 22, y: 0 }, [20, 9], OUTLINE),
    ...clockOnTable((i - (cards - 1) / 2) * 22 - 5, 0, 3.4),
  ]
  return Array.from({ length: cards }, (_, i) => group(tile(i), { part: `card-${i}` }))
}

/**
 * A game as it lies on the table when it begins, seen from above about its middle: so many cards, in so many hands where
 * they are dealt out. Undefined for what is not played round a table.
 */
export function onTheTable(
  id: PrintableId,
  { cards, players: asked }: { readonly cards: number; readonly players: number },
): { readonly players: number; readonly shapes: Shape[] } | undefined {
  const layOut = LAY_OUTS[id]
  if (!layOut) return undefined
  const players = Math.max(1, Math.min(MOST_PLAYERS, asked))
  const { of: things, left } = before(layOut, cards, players)
  const seats = seatsFor(players).map(({ x, y, turn }, i) =>
    group([circle({ x: 0, y: SEAT }, PLAYER, BACK), ...(things[i] ?? [])], { part: `player-${i}`, x, y, turn }),
  )
  return {
    players,
    shapes: [
      group([rectangle({ x: 0, y: 0 }, [2 * HALF_WIDE, 2 * HALF_HIGH], GROUND)], { part: 'table' }),
      ...middleOf(layOut, cards),
      ...(layOut.middle === 'row' ? begunRow(begunWith(layOut)) : []),
      ...left,
      ...(layOut.beside ? [group(BESIDE[layOut.beside](), { part: layOut.beside })] : []),
      ...seats,
    ],
  }
}
