import type { StepId } from '../../core/ids'
import { useEffect, useState } from 'react'

interface Timer {
  /** When it was last started; null while it stands. */
  readonly since: number | null
  readonly spentMs: number
}

const STOPPED: Timer = { since: null, spentMs: 0 }

/** The time of one step: started and paused by hand, begun afresh with the next step. */
export function useStepTimer(stepId: StepId | undefined, minutes: number) {
  const [timer, setTimer] = useState(STOPPED)
  const [ofStep, setOfStep] = useState(stepId)
  const [now, setNow] = useState(() => Date.now())
  if (ofStep !== stepId) {
    setOfStep(stepId)
    setTimer(timer.since === null ? STOPPED : { since: now, spentMs: 0 })
  }
  const isRunning = timer.since !== null
  useEffect(() => {
    if (!isRunning) return
    const tick = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(tick)
  }, [isRunning])
  const spentMs = timer.spentMs + (timer.since === null ? 0 : Math.max(0, now - timer.since))
  const leftSeconds = Math.ceil((minutes * 60_000 - spentMs) / 1000)
  return {
    isRunning,
    /** Whole seconds that the step has run. */
    spentSeconds: Math.round(spentMs / 1000),
    /** Whole seconds; below 0 once the step's minutes are over. */
    leftSeconds,
    figures: inFigures(leftSeconds),
    toggle: () => {
      const at = Date.now()
      setNow(at)
      setTimer(isRunning ? { since: null, spentMs } : { since: at, spentMs: timer.spentMs })
    },
  }
}

export type StepTimerState = ReturnType<typeof useStepTimer>

/** 4:05 left, or +0:20 over. */
function inFigures(leftSeconds: number): string {
  const seconds = Math.abs(leftSeconds)
  return `${leftSeconds < 0 ? '+' : ''}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
