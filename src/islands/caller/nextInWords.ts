import { t } from '@lingui/core/macro'
import type { Call } from '../../core/movement'

/** What comes next, for the adult at the edge; an answer is not told before its time. */
export function nextInWords(next: Call | undefined): string {
  if (!next) return t`This is the last one.`
  return next.kind === 'answer' || next.kind === 'reason' ? t`Next: the answer` : t`Next: ${next.say}`
}
