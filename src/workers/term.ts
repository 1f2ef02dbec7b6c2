import { expose } from 'comlink'
import { type Forecast, type TermChild, type TermWish, forecastOf, playTerms, startTerm } from '../core/planning'

/** So many terms are played between two words of how far it is. */
const RUNS_AT_ONCE = 250

const worker = {
  /** Plays a term so many times and tells after each part how many are done. */
  forecast(
    wish: TermWish,
    children: readonly TermChild[],
    { runs, seed }: { runs: number; seed: number },
    tell: (done: number) => void,
  ): Forecast {
    const counts = startTerm(wish, children)
    while (counts.runs < runs) {
      playTerms(counts, wish, { runs: Math.min(RUNS_AT_ONCE, runs - counts.runs), seed })
      tell(counts.runs)
    }
    return forecastOf(counts)
  },
}

export type TermWorker = typeof worker

expose(worker)
