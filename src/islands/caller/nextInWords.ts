import type { Call } from '../../core/movement'

/** What comes next, for the adult at the edge; an answer is not told before its time. */
export function nextInWords(next: Call | undefined): string {
  if (!next) return 'This is the last one.'
  return next.kind === 'answer' || next.kind === 'reason' ? 'Next: the answer' : `Next: ${next.say}`
}
