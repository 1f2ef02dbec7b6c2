import type { Item } from './items'
import { luresFor, type LuresRequest } from './lures'
import type { Value } from './values'

/** What a child can be seen to have shown, ready to be kept as an answer. */
export interface Showing {
  /** The right one, the right one with a nudge, or a wrong one. */
  readonly kind: 'there' | 'nearly' | 'wrong'
  /** In the group's words. */
  readonly says: string
  readonly value: Value
  /** Right only after help, or while the answer was to be seen: it says nothing of what the child knows alone. */
  readonly helped: boolean
}

/** So many wrong ones are offered where there was no choice. */
const WRONG_SHOWN = 3

interface HowShown extends Pick<LuresRequest, 'weights'> {
  readonly says: (value: Value) => string
  /** Whether the answer was to be seen and could be copied. */
  readonly isSeen?: boolean
}

/**
 * What children can be seen to show where nothing was offered to choose from: the right answer, the right one after a
 * look round, and the likeliest wrong ones, those of the likeliest misreadings first.
 */
export function showingsOf(item: Item, { says, weights, isSeen = false }: HowShown): Showing[] {
  const right = { says: says(item.answer), value: item.answer }
  const lures = luresFor(item, { count: WRONG_SHOWN, seed: item.shown.minute, weights })
  return [
    { kind: 'there', ...right, helped: isSeen },
    { kind: 'nearly', ...right, helped: true },
    ...lures.map(({ value }): Showing => ({ kind: 'wrong', says: says(value), value, helped: isSeen })),
  ]
}
