import { type Drawing, makePage, type PaperId, type Shape } from '../drawing'
import { barText } from '../wording'
import type { GameOptions } from './gameOptions'
import type { Timeline } from './types'
import { wordsOf } from './words'

export interface Printing {
  readonly timeline: Timeline
  readonly options: GameOptions
  readonly paper: PaperId
}

/** The name of the game in the group’s language. */
export const titleOf = ({ timeline, options }: Printing) => wordsOf(options.wording).games[timeline.game]

/** A page of the caller’s card. */
export function pageOf(printing: Printing, title: string, body: readonly Shape[]): Drawing {
  const { timeline, options, paper } = printing
  const footer = `Ripe Acorn · ${titleOf(printing)} · ${timeline.seed}`
  return makePage({ paper, title, footer, bar: barText(options.wording), body })
}
