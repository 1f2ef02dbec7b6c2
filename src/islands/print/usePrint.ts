import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import {
  type ChosenOptions,
  countsOn,
  type PrintChoices,
  printableOf,
  PRINTS_MADE,
  type SavedPrint,
  type TakenId,
  takenChoices,
  tidyChoices,
} from '../../core/printables'
import { type Kept, type Settings, looksOf, wordingOf } from '../../core/records'
import { rungs } from '../../core/teaching'
import { putInAddress, useAddress } from '../../ui/address'
import { api } from '../../ui/api'
import { ALL, FIRST, MOST_SEED, type Picked, pickedIn, putPicked, rungOn } from './pickedAddress'

/** A print as it is picked: its options, its pages or why there are none, and what can be changed. */
export function usePrint(settings: Settings) {
  const [isPinned, setPinned] = useState(false)
  const { picked, opened, savedId, lost, set, open } = usePicked()
  const printable = printableOf(picked.id)
  const counts = useMemo(() => countsOn(printable, picked.rung), [printable, picked.rung])
  const options: ChosenOptions = useMemo(
    () => opened?.options ?? optionsOf(picked, counts.usual, settings),
    [opened, settings, picked, counts.usual],
  )
  const { seed, copies, answersOnPaper } = picked
  const { value: print, refusal } = useMemo(
    () => attempt(() => printable.make(options, seed)),
    [printable, options, seed],
  )
  // The notes come after the page, since some of them need many games to be played.
  const wanted = useMemo(() => ({ printable, options, seed, print }), [printable, options, seed, print])
  const later = useDeferredValue(wanted)
  const notes = useMemo(() => (later.print ? (later.printable.notes?.(later.options, later.seed) ?? []) : []), [later])
  const wish = { printable: picked.id, options, seed }
  return {
    picked,
    printable,
    counts,
    options,
    print,
    /** The same a moment later, for all but the first page. */
    printLater: later.print,
    notes,
    refusal,
    set,
    choose: (change: PrintChoices) => set({ choices: { ...picked.choices, ...change } }),
    isPinned,
    setPinned,
    shuffle: () => !isPinned && set({ seed: Math.floor(Math.random() * MOST_SEED) + 1 }),
    rungs: rungs.filter(({ id }) => printable.suits(id)),
    all: ALL,
    takes: (id: TakenId) => printable.takes.includes(id),
    /** What is on the screen, to be saved for later. */
    saved: { ...wish, made: PRINTS_MADE } satisfies SavedPrint,
    /** The saved print that is open, and why one that the address asks for is not. */
    savedId,
    lost,
    open,
    /** The address of the PDF: the same address always gives the same pages. */
    pdf: `/api/print.pdf?print=${encodeURIComponent(JSON.stringify({ ...wish, copies, answersOnPaper }))}`,
  }
}

export type PrintState = ReturnType<typeof usePrint>

/** What is picked, and the saved print that is open until something is changed; both stand in the address. */
function usePicked() {
  const address = useAddress()
  const savedId = address.get('saved')
  const saved = useQuery({
    queryKey: ['print', savedId],
    enabled: savedId !== null,
    queryFn: () => api.get<Kept<SavedPrint>>(`/api/prints/${savedId}`),
  })
  const opened = (savedId !== null && saved.data?.body) || null
  const inAddress = useMemo(() => pickedIn(address), [address])
  const picked = useMemo(() => (opened ? pickedFrom(opened) : inAddress), [opened, inAddress])
  const set = (change: Partial<Picked>) => {
    const next = { ...picked, ...change }
    const count = 'id' in change || 'rung' in change ? null : next.count
    putPicked({ ...next, rung: rungOn(next), count }, change, picked)
  }
  return { picked, opened, savedId, lost: saved.error, set, open: (id: string | null) => putInAddress({ saved: id }) }
}

function optionsOf({ id, rung, count, choices, paper }: Picked, usual: number, settings: Settings): ChosenOptions {
  const chosen = { ...looksOf(settings), ...tidyChoices(choices) }
  return {
    paper: paper ?? settings.paper,
    wording: wordingOf(settings),
    rung,
    count: count ?? usual,
    ...takenChoices(printableOf(id), rung, chosen),
  }
}

function pickedFrom({ printable, options, seed }: SavedPrint): Picked {
  const { rung, count, paper } = options
  const choices = takenChoices(printableOf(printable), rung, options)
  return { ...FIRST, id: printable, rung, count, choices, paper, seed }
}
