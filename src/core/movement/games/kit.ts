import { isTwoHanded, type RungId } from '../../teaching'
import type { Beat } from '../types'
import type { GameOptions } from '../gameOptions'
import { wordsOf } from '../words'

/** How fast a call is spoken to children, letters a second, and the breath before it. */
const LETTERS_A_SECOND = 13
const BREATH_SECONDS = 1

/** A call that lasts as long as was wished, and never less than it takes to say. */
export function beat(seconds: number, rest: Omit<Beat, 'seconds'>): Beat {
  return { ...rest, seconds: Math.max(seconds, Math.ceil(rest.say.length / LETTERS_A_SECOND) + BREATH_SECONDS) }
}

/** One of two forms of what is said, by whether the children stand. */
export const formOf = ({ isSeated }: GameOptions, forms: { readonly standing: string; readonly seated: string }) =>
  isSeated ? forms.seated : forms.standing

/** Across a square with so many metres for each child, metres to a tenth. */
export const squareOf = (metresEach: number) => (children: number) =>
  Math.ceil(Math.sqrt(children) * metresEach * 10) / 10

/** Gathering and warming up. */
export function opening(options: GameOptions, told: readonly string[] = []): Beat[] {
  const words = wordsOf(options.wording)
  const shown = { as: 'words' } as const
  return [
    beat(6, { kind: 'welcome', effort: 'still', say: formOf(options, words.gather), shown }),
    beat(8, { kind: 'welcome', effort: 'easy', say: formOf(options, words.warmUp), shown }),
    ...told.map((text) => beat(4, { kind: 'welcome', effort: 'still', say: text, shown })),
  ]
}

/** Settling, with water first where something was hard. */
export function closing(options: GameOptions, isHard: boolean): Beat[] {
  const words = wordsOf(options.wording)
  const shown = { as: 'words' } as const
  const water = beat(15, { kind: 'water', effort: 'still', say: words.water, shown, why: words.whyWater })
  return [
    ...(isHard && !options.isSeated ? [water] : []),
    beat(10, { kind: 'settle', effort: 'still', say: words.settle, shown }),
  ]
}

/** Rungs that have no times for two hands, or none at all, are played with full hours. */
export function playedOn(rung: RungId): RungId {
  return isTwoHanded(rung) || rung === 'hour-hand' ? rung : 'oclock'
}
