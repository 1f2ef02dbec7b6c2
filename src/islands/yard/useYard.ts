import { useLocalStorage } from '@mantine/hooks'
import { useState } from 'react'
import { type Ground, type Yard, USUAL_YARD, groundOf } from '../../core/make'

function tryToLay(yard: Yard): { yard: Yard; ground: Ground } | Error {
  try {
    return { yard, ground: groundOf(yard) }
  } catch (error) {
    return error instanceof Error ? error : new Error(String(error))
  }
}

/** The floor clock being planned: as asked for, and the last that fits. */
export function useYard() {
  const [stored, setWanted] = useLocalStorage<Yard>({
    key: 'yard',
    defaultValue: USUAL_YARD,
    getInitialValueInEffect: false,
  })
  // One that was left there by an older Ripe Acorn may lack a field.
  const wanted: Yard = { ...USUAL_YARD, ...stored }
  const now = tryToLay(wanted)
  const [last, setLast] = useState(() =>
    now instanceof Error ? { yard: USUAL_YARD, ground: groundOf(USUAL_YARD) } : now,
  )
  const set = (yard: Yard) => {
    setWanted(yard)
    const laid = tryToLay(yard)
    if (!(laid instanceof Error)) setLast(laid)
  }
  return {
    yard: wanted,
    /** The last that fits: what is drawn and measured. */
    laid: last,
    problem: now instanceof Error ? now.message : undefined,
    set,
    change: (change: Partial<Yard>) => set({ ...wanted, ...change }),
  }
}

export type YardState = ReturnType<typeof useYard>
