import { type HandAngles, handAngles, readHands } from '../core/clock'

/** What the hands show: a time, all hands moving together, or two angles, each hand by itself. */
export type Hands =
  | { readonly gear: 'geared'; readonly minute: number; readonly second?: number }
  | ({ readonly gear: 'free' } & HandAngles)

export function anglesOf(hands: Hands): HandAngles {
  return hands.gear === 'geared' ? handAngles(hands.minute) : hands
}

/** The time that the hands are nearest to: minutes since midnight when geared, 0 to 719 when free. */
export function minuteShown(hands: Hands): number {
  return hands.gear === 'geared' ? hands.minute : readHands(hands).minute
}
