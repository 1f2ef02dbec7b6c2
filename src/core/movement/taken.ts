import { type Value, luresFor, sayAnswer } from '../teaching'
import type { Call } from './calls'
import type { GameOptions } from './gameOptions'
import { timeInWords } from './games/inWords'

/** What a child can be seen to have shown at a call, ready to be kept as an answer. */
export interface Shown {
  /** The right one, the right one with a nudge, or a wrong one. */
  readonly kind: 'there' | 'nearly' | 'wrong'
  /** The time, as the group says it. */
  readonly says: string
  readonly value: Value
  /** Right only after help, or while the answer was to be seen: it says nothing of what the child knows alone. */
  readonly helped: boolean
}

/** So many wrong times are offered for a call in which there was no choice. */
const WRONG_SHOWN = 3

/**
 * What can be taken at a call: the choices where it has some, otherwise the right time, nearly, and the likeliest wrong
 * ones, those of the group's own misreadings first. Empty for a call that asks nothing.
 */
export function shownAt(call: Call, { wording, weights }: Pick<GameOptions, 'wording' | 'weights'>): readonly Shown[] {
  const { item, shown } = call
  if (!item) return []
  if (shown.as === 'choices')
    return shown.choices.map(({ says, isRight, value }) => ({
      kind: isRight ? 'there' : 'wrong',
      says,
      value,
      helped: false,
    }))
  const said = (value: Value) =>
    value.kind === 'time' ? timeInWords(value.minute, item.rung, wording) : sayAnswer(item, value, wording)
  // Where the figure stands beside the call, the answer can be copied.
  const isSeen = shown.as === 'figure'
  const right = { says: said(item.answer), value: item.answer }
  const lures = luresFor(item, { count: WRONG_SHOWN, seed: item.shown.minute, weights })
  return [
    { kind: 'there', ...right, helped: isSeen },
    { kind: 'nearly', ...right, helped: true },
    ...lures.map(({ value }): Shown => ({ kind: 'wrong', says: said(value), value, helped: isSeen })),
  ]
}

/** The call whose answers can be taken while another one is on: the last one that asked, until the next one asks. */
export function lastAsked(calls: readonly Call[], upTo: number): number | undefined {
  const place = calls.findLastIndex(({ item }, i) => i <= upTo && item !== undefined)
  return place < 0 ? undefined : place
}
