import { useLocalStorage } from '@mantine/hooks'
import { useState } from 'react'
import { activityOf } from '../../core/activities'
import type { Session } from '../../core/records'

export type StageMode = 'clock' | 'check'

/**
 * The step that is being held, and whether the clock or the quick check is shown. A reload comes back to the same
 * step.
 */
export function useSteps({ id, plan: { steps } }: Session, onEnd: () => void) {
  const [at, setAt] = useLocalStorage({ key: `table-step-${id}`, defaultValue: 0 })
  const [picked, setMode] = useState<StageMode>()
  const place = Math.min(at, Math.max(0, steps.length - 1))
  const step = steps[place]
  const usual: StageMode = step && activityOf(step).tableMode === 'quick-check' ? 'check' : 'clock'
  return {
    place,
    step,
    next: steps[place + 1],
    isLast: place + 1 >= steps.length,
    mode: picked ?? usual,
    setMode,
    goTo: (index: number) => {
      if (index >= steps.length) return onEnd()
      setAt(Math.max(0, index))
      setMode(undefined)
    },
  }
}

export type StepsState = ReturnType<typeof useSteps>
