import { said } from '../../words/i18n'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import { type Ground, type Yard, USUAL_YARD, groundOf } from '../../core/make'
import { settingsQuery } from '../../ui/queries'
import { useJsonInAddress } from '../../ui/jsonInAddress'

function laidOut(yard: Yard): { readonly yard: Yard; readonly ground: Ground } {
  return { yard, ground: groundOf(yard) }
}

/** The usual one, in feet where the house speaks as in the United States. */
const USUAL = { m: USUAL_YARD, ft: { ...USUAL_YARD, unit: 'ft' } } as const satisfies Record<Yard['unit'], Yard>

/** The floor clock being planned: as asked for, and the last that fits. */
export function useYard() {
  const { data: settings } = useQuery(settingsQuery)
  const usual = USUAL[settings?.language === 'en-US' ? 'ft' : 'm']
  const [wanted, set] = useJsonInAddress<Yard>({ name: 'clock', storageKey: 'yard', usual })
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
