import { t } from '@lingui/core/macro'
import { proxy, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { Forecast, TermChild, TermWish } from '../../core/planning'
import type { TermWorker } from '../../workers/term'

export const TERM_RUNS = 5000
/** The same seed each time: what moves is what was changed, never the draw. */
const SEED = 1
/** A field that is being typed in does not start a forecast at every key; the first one starts at once. */
const WAIT_MS = 350

interface FoundForecast {
  readonly of: string
  readonly forecast: Forecast
}

/**
 * The forecast of a wish, played in a worker of its own; undefined without a wish. A new wish stops the one before.
 */
export function useForecast(wish: TermWish | undefined, children: readonly TermChild[]) {
  const [found, setFound] = useState<FoundForecast>()
  const [done, setDone] = useState(0)
  const [stopped, setStopped] = useState<string>()
  const [failure, setFailure] = useState<string>()
  const key = wish && JSON.stringify(wish)
  const waitMs = useRef(0)
  const isOn = key !== undefined && key !== stopped && key !== found?.of
  useEffect(() => {
    if (!isOn || !wish || !key) return
    let worker: Worker | undefined
    const timer = setTimeout(() => {
      setDone(0)
      setFailure(undefined)
      worker = new Worker(new URL('../../workers/term.ts', import.meta.url), { type: 'module' })
      worker.addEventListener('error', () => setFailure(t`The forecast could not be worked out. Load this page again.`))
      void wrap<TermWorker>(worker)
        .forecast(wish, children, { runs: TERM_RUNS, seed: SEED }, proxy(setDone))
        .then((forecast) => setFound({ of: key, forecast }))
    }, waitMs.current)
    waitMs.current = WAIT_MS
    return () => {
      clearTimeout(timer)
      worker?.terminate()
    }
    // The wish is told by its key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isOn, key, children])
  return {
    forecast: found?.forecast,
    /** The forecast is of the wish as it is now. */
    isFresh: key !== undefined && found?.of === key,
    isRunning: isOn,
    done,
    failure,
    stop: () => setStopped(key),
    again: () => setStopped(undefined),
  }
}
