import { type Drawing, flowPages, MOSS, OAK, type PaperId, paragraph } from '../drawing'
import { cardsOf } from './games/findYourTime'
import type { Call } from './calls'
import type { GameOptions } from './gameOptions'
import type { Timeline } from './types'
import { placesPage, signPages } from './signs'
import { pageOf, type Printing, titleOf } from './cardPage'
import { timeCardPages } from './timeCards'

const FILLS: Partial<Record<Call['kind'], string>> = { answer: MOSS, reason: MOSS, rest: OAK, water: OAK }

/** Minutes and seconds from the start, "3:05". */
const clockOf = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/**
 * A game on paper, in the group's language: every call with its second in large type, so that it can be run with no
 * screen; then what it is played with: the moves as signs for the wall, where the five things lie, a card for everyone.
 */
export function callerPages(timeline: Timeline, options: GameOptions, paper: PaperId): Drawing[] {
  const printing = { timeline, options, paper }
  const { calls, game } = timeline
  return [
    ...callPages(printing),
    ...(calls.some(({ shown }) => shown.as === 'choices') ? signPages(printing) : []),
    ...(game === 'jump-the-day' ? [placesPage(printing)] : []),
    ...timeCardPages(printing, cardsOf(calls)),
  ]
}

function callPages(printing: Printing): Drawing[] {
  const { timeline, paper } = printing
  const title = titleOf(printing)
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
    pageOf(printing, bodies.length > 1 ? `${title} ${i + 1}/${bodies.length}` : title, body),
  )
}
