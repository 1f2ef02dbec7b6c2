import { type Drawing, MOSS, OAK, type PaperId, flowPages, makePage, paragraph } from '../drawing'
import { barText } from '../wording'
import type { Call, GameOptions, Timeline } from './types'
import { wordsOf } from './words'

const FILLS: Partial<Record<Call['kind'], string>> = { answer: MOSS, reason: MOSS, rest: OAK, water: OAK }

/** Minutes and seconds from the start, "3:05". */
const clockOf = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/** The caller's card: every call of a game with its second, in large type, so that it can be run with no screen. */
export function callerCard(timeline: Timeline, { wording }: GameOptions, paper: PaperId): Drawing[] {
  const title = wordsOf(wording).games[timeline.game]
  const blocks = timeline.calls.map(({ at, say, kind, why }) =>
    paragraph(paper, `${clockOf(at)}   ${say}${why ? ` (${why})` : ''}`, {
      size: 5.6,
      above: kind === 'call' ? 2.6 : 0.6,
      weight: kind === 'call' ? 'bold' : 'regular',
      fill: FILLS[kind],
    }),
  )
  const bodies = flowPages(paper, blocks)
  return bodies.map((body, i) =>
    makePage({
      paper,
      title: bodies.length > 1 ? `${title} ${i + 1}/${bodies.length}` : title,
      footer: `Ripe Acorn · ${title} · ${timeline.seed}`,
      bar: barText(wording),
      body,
    }),
  )
}
