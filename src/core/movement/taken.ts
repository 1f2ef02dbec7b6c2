import { type Showing, type Value, sayAnswer, showingsOf } from '../teaching'
import type { Call } from './calls'
import type { GameOptions } from './gameOptions'
import { timeInWords } from './games/inWords'

/**
 * What can be taken at a call: the choices where it has some, otherwise the right time, nearly, and the likeliest wrong
 * ones, those of the group's own misreadings first. Empty for a call that asks nothing.
 */
export function shownAt(
  call: Call,
  { wording, weights }: Pick<GameOptions, 'wording' | 'weights'>,
): readonly Showing[] {
  const { item, shown } = call
  if (!item) return []
  if (shown.as === 'choices')
    return shown.choices.map(({ says, isRight, value }) => ({
      kind: isRight ? 'there' : 'wrong',
      says,
      value,
      helped: false,
    }))
  const says = (value: Value) =>
    value.kind === 'time' ? timeInWords(value.minute, item.rung, wording) : sayAnswer(item, value, wording)
  // Where the figure stands beside the call, the answer can be copied.
  return showingsOf(item, { says, weights, isSeen: shown.as === 'figure' })
}

/** The call whose answers can be taken while another one is on: the last one that asked, until the next one asks. */
export function lastAsked(calls: readonly Call[], upTo: number): number | undefined {
  const place = calls.findLastIndex(({ item }, i) => i <= upTo && item !== undefined)
  return place < 0 ? undefined : place
}
