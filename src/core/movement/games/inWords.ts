import { MINUTES_PER_HOUR } from '../../clock'
import type { RungId } from '../../teaching'
import { languages, listInWords, say, type Wording } from '../../wording'
import { poseFor } from '../pose'
import type { Beat } from '../types'
import type { GameOptions } from '../gameOptions'
import { wordsOf } from '../words'

/** What a child is called by: the name, or else the place in the row. */
export const nameOf = (place: number, { names, wording }: GameOptions) =>
  names[place] ?? wordsOf(wording).number(place + 1)

/** Who is meant by a call, by name; empty where everyone is. */
export const whoInWords = ({ who = [] }: Pick<Beat, 'who'>, options: GameOptions) =>
  listInWords(
    who.map((place) => nameOf(place, options)),
    options.wording,
  )

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
