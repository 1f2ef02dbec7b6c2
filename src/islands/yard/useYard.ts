import { said } from '../../words/i18n'
import { useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import { type Ground, type Yard, USUAL_YARD, groundOf } from '../../core/make'
import { useJsonInAddress } from '../../ui/jsonInAddress'

function laidOut(yard: Yard): { readonly yard: Yard; readonly ground: Ground } {
  return { yard, ground: groundOf(yard) }
}

/** The floor clock being planned: as asked for, and the last that fits. */
export function useYard() {
  const [wanted, set] = useJsonInAddress<Yard>({ name: 'clock', storageKey: 'yard', usual: USUAL_YARD })
  const now = useMemo(() => attempt(() => laidOut(wanted)), [wanted])
  const [last, setLast] = useState(() => now.value ?? laidOut(USUAL_YARD))
  if (now.value && now.value !== last) setLast(now.value)
  return {
    yard: wanted,
    /** The last that fits: what is drawn and measured. */
    laid: last,
    problem: now.refusal && said(now.refusal.says),
    set,
    change: (change: Partial<Yard>) => set({ ...wanted, ...change }),
  }
}

export type YardState = ReturnType<typeof useYard>
