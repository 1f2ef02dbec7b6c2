/** What is noted where a child was said to start beyond the beginning: what comes before is supposed to be known. */
export const SAID_WHEN_ADDED = 'Said when the child was added.'

/** Such a guess was once kept as if the adult had judged it. A judgement of a file of that time, as it is now. */
export function withSupposed<T extends Readonly<Record<string, unknown>>>(judgement: T): T {
  const isGuess = judgement.note === SAID_WHEN_ADDED && judgement.verdict === 'firm'
  return isGuess ? { ...judgement, verdict: 'supposed' } : judgement
}
