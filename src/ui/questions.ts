import { t } from '@lingui/core/macro'
import { type Item, askInWords, sayAnswer, isSet } from '../core/teaching'
import type { Wording } from '../core/wording'

/** A question in one line for the adult: what to show, and what to ask. */
export function questionInWords(item: Item, wording: Wording): string {
  const asked = askInWords(item, wording)
  if (isSet(item)) return asked
  if (item.shown.as === 'figures') return `${sayAnswer({ ...item, ask: 'match' }, item.answer, wording)}. ${asked}`
  return item.shown.as === 'dial' ? t`show ${sayAnswer(item, item.answer, wording)} and ask “${asked}”` : asked
}
