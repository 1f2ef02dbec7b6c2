import { amountInWords, amountsFor } from '../make'
import type { Wording } from '../wording'
import type { SessionRequest } from './request'

/** What the clocks from the Workbench take for so many children, in words; nothing where the usual one is made. */
export function clockAmounts(
  { clock, children }: Pick<SessionRequest, 'clock'> & { readonly children: readonly unknown[] },
  wording: Wording,
): string[] {
  if (!clock || children.length === 0) return []
  return amountsFor({ ...clock, children: children.length }).list.map((amount) => amountInWords(amount, wording))
}
