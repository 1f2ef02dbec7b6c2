import { useMemo, useState } from 'react'
import {
  type Print,
  type PrintOptions,
  type Printable,
  type PrintableId,
  RefusedValue,
  type RungId,
  type Settings,
  countsOn,
  printableOf,
  printables,
  rungs,
  wordingOf,
} from '../../core'

/** What was picked: everything else of a print follows from it, the house rules and the seed. */
interface Picked {
  readonly id: PrintableId
  readonly rung: RungId
  /** Null: as many as is usual. */
  readonly count: number | null
  readonly cells: number
  readonly unequal: boolean
  readonly ringOfFives: boolean
  readonly owner: string
  readonly seed: number
}

const FIRST: Picked = { id: 'read-dials', rung: 'half', count: null, cells: 3, unequal: false, ringOfFives: false, owner: '', seed: 1 } // prettier-ignore
export const MOST_SEED = 999_999

/** A print as it is picked: its options, its pages or why there are none, and what can be changed. */
export function usePrint(settings: Settings) {
  const [picked, setPicked] = useState(FIRST)
  const [isPinned, setPinned] = useState(false)
  const printable = printableOf(picked.id)
  const counts = countsOn(printable, picked.rung)
  const options: PrintOptions = useMemo(
    () => ({
      paper: settings.paper,
      lowInk: settings.lowInk,
      wording: wordingOf(settings),
      rung: picked.rung,
      count: picked.count ?? counts.usual,
      owner: picked.owner.trim() || undefined,
      ringOfFives: picked.ringOfFives,
      cells: picked.cells,
      unequal: picked.unequal,
    }),
    [settings, picked, counts.usual],
  )
  const { print, refusal } = useMemo(() => made(printable, options, picked.seed), [printable, options, picked.seed])
  /** A change makes other questions, unless the seed is pinned. */
  const set = (change: Partial<Picked>) => {
    const next = { ...picked, ...change }
    const fits = printableOf(next.id).suits(next.rung)
    const rung = fits ? next.rung : (rungs.find(({ id }) => printableOf(next.id).suits(id))?.id ?? next.rung)
    setPicked({ ...next, rung, count: 'id' in change || 'rung' in change ? null : next.count })
  }
  return {
    picked,
    printable,
    counts,
    options,
    print,
    refusal,
    set,
    isPinned,
    setPinned,
    shuffle: () => !isPinned && setPicked({ ...picked, seed: Math.floor(Math.random() * MOST_SEED) + 1 }),
    rungs: rungs.filter(({ id }) => printable.suits(id)),
    all: Object.values(printables),
    /** The address of the PDF: the same pages for the same address. */
    pdf: `/api/print.pdf?print=${encodeURIComponent(JSON.stringify({ printable: picked.id, options, seed: picked.seed }))}`,
  }
}

export type PrintState = ReturnType<typeof usePrint>

function made(printable: Printable, options: PrintOptions, seed: number): { print?: Print; refusal?: string } {
  try {
    return { print: printable.make(options, seed) }
  } catch (error) {
    if (error instanceof RefusedValue) return { refusal: error.message }
    throw error
  }
}
