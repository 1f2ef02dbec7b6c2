import { MINUTES_PER_HOUR } from '../../clock'
import { type Random, shuffled } from '../../random'
import { type Item, type RungId, isTwoHanded, itemAt, rungTimes } from '../../teaching'
import { type Wording, languages, listInWords, say } from '../../wording'
import { poseFor } from '../figure'
import type { Beat, GameOptions } from '../types'
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

export const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

/** What a child is called by: the name, or else the place in the row. */
export const nameOf = (place: number, { names, wording }: GameOptions) =>
  names[place] ?? wordsOf(wording).number(place + 1)

/** Who is meant by a call, by name; empty where everyone is. */
export const whoInWords = ({ who = [] }: Pick<Beat, 'who'>, options: GameOptions) =>
  listInWords(
    who.map((place) => nameOf(place, options)),
    options.wording,
  )

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

/** Times of a rung one after the other, in one drawn order after another; never the same twice in a row. */
export function timesInTurn(random: Random, rung: RungId): () => Item {
  let deal: number[] = []
  let last: number | undefined
  return () => {
    if (deal.length === 0) deal = spread(shuffled(random, rungTimes(rung, {})), last)
    last = deal.pop() as number
    return itemAt(rung, 'read', last)
  }
}

/** Dealt from both halves of the face in turn, as far as they go, and never beginning with the last one. */
function spread(times: readonly number[], last: number | undefined): number[] {
  const isRight = (minute: number) => minute % MINUTES_PER_HOUR < 30
  const [right, left] = [times.filter(isRight), times.filter((minute) => !isRight(minute))]
  const both = Array.from({ length: Math.max(right.length, left.length) }, (_, i) => [left[i], right[i]])
    .flat()
    .filter((minute) => minute !== undefined)
  return both.at(-1) === last && both.length > 1 ? [both.at(-1) as number, ...both.slice(0, -1)] : both
}

/** A time as the group says it, on a rung of one hand too. */
export function timeInWords(minute: number, rung: RungId, wording: Wording): string {
  if (rung === 'hour-hand') return languages[wording.language].sayAbout(minute)
  return say(minute, wording.form === 'digital' || wording.form === 'day-24' ? { ...wording, form: 'turns' } : wording)
}

/** "Long arm: your left. Bent arm: your right." */
export function armsInWords(minute: number, rung: RungId, wording: Wording): string {
  const words = wordsOf(wording)
  const { long, bent } = poseFor(minute)
  return rung === 'hour-hand' ? '' : `${words.longArm[long.side]} ${words.bentArm[bent.side]}`
}

/** Why a dial shows what it shows: where its short hand is, then its long one. True of this very dial. */
export function reasonInWords(minute: number, rung: RungId, wording: Wording): string {
  const words = wordsOf(wording)
  const hour = Math.floor(minute / MINUTES_PER_HOUR) % 12 || 12
  const past = minute % MINUTES_PER_HOUR
  const next = (hour % 12) + 1
  const short =
    past === 0
      ? words.hourAt(hour)
      : past === 30
        ? words.hourBetween(hour, next)
        : past < 30
          ? words.hourPassed(hour)
          : words.hourNearly(next)
  if (rung === 'hour-hand') return short
  const numeral = Math.floor(past / 5) || 12
  return `${short} ${past % 5 === 0 ? words.minuteAt(numeral) : words.minutePast(numeral)}`
}
