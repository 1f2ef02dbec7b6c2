import { useEffect, useState } from 'react'
import type { StepId } from '../../core/ids'
import { STOPPED_WATCH, secondsLeft, timerFigures, watchMs, watchToggled } from '../../core/planning'

/** The time of one step: started and paused by hand, begun afresh with the next step. */
export function useStepTimer(stepId: StepId | undefined, minutes: number) {
  const [watch, setWatch] = useState(STOPPED_WATCH)
  const [ofStep, setOfStep] = useState(stepId)
  const [now, setNow] = useState(() => Date.now())
  const isRunning = watch.since !== null
  if (ofStep !== stepId) {
    setOfStep(stepId)
    setWatch(isRunning ? { since: now, spentMs: 0 } : STOPPED_WATCH)
  }
  useEffect(() => {
    if (!isRunning) return
    const tick = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(tick)
  }, [isRunning])
  const spentMs = watchMs(watch, now)
  const leftSeconds = secondsLeft(minutes, spentMs)
  return {
    isRunning,
    /** Whole seconds that the step has run. */
    spentSeconds: Math.round(spentMs / 1000),
    /** Whole seconds; below 0 once the step's minutes are over. */
    leftSeconds,
    figures: timerFigures(leftSeconds),
    toggle: () => {
      const at = Date.now()
      setNow(at)
      setWatch(watchToggled(watch, at))
    },
  }
}

export type StepTimerState = ReturnType<typeof useStepTimer>
