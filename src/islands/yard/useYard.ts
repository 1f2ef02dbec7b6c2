import { useLocalStorage } from '@mantine/hooks'
import { useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import { type Ground, type Yard, USUAL_YARD, groundOf } from '../../core/make'

function laidOut(yard: Yard): { readonly yard: Yard; readonly ground: Ground } {
  return { yard, ground: groundOf(yard) }
}

/** The floor clock being planned: as asked for, and the last that fits. */
export function useYard() {
  // The page comes from the server with the usual floor clock; the one that was left in this browser follows.
  const [stored, set] = useLocalStorage<Yard>({ key: 'yard', defaultValue: USUAL_YARD })
  // One that was left there by an older Ripe Acorn may lack a field.
  const wanted: Yard = useMemo(() => ({ ...USUAL_YARD, ...stored }), [stored])
  const now = useMemo(() => attempt(() => laidOut(wanted)), [wanted])
  const [last, setLast] = useState(() => now.value ?? laidOut(USUAL_YARD))
  if (now.value && now.value !== last) setLast(now.value)
  return {
    yard: wanted,
    /** The last that fits: what is drawn and measured. */
    laid: last,
    problem: now.refusal?.message,
    set,
    change: (change: Partial<Yard>) => set({ ...wanted, ...change }),
  }
}

export type YardState = ReturnType<typeof useYard>
