import { useDeferredValue, useMemo, useState } from 'react'
import type { PaperId } from '../../core/drawing'
import { attempt } from '../../core/errors'
import {
  PRINTS_MADE,
  type PrintChoices,
  type ChosenOptions,
  type PrintableId,
  type SavedPrint,
  type TakenId,
  countsOn,
  printableOf,
  printables,
  takenChoices,
  tidyChoices,
} from '../../core/printables'
import { type Settings, wordingOf } from '../../core/records'
import { type RungId, rungs } from '../../core/teaching'

/** What was picked: everything else of a print follows from it, the house rules and the seed. */
export interface Picked {
  readonly id: PrintableId
  readonly rung: RungId
  /** Null: as many as is usual. */
  readonly count: number | null
  /** From the table of options, as it was typed; what another printable takes waits until that one is picked. */
  readonly choices: PrintChoices
  readonly copies: number
  /** Null: as the house rules have it. */
  readonly paper: PaperId | null
  readonly seed: number
}

const FIRST: Picked = { id: 'read-dials', rung: 'half', count: null, choices: {}, copies: 1, paper: null, seed: 1 }

/** What the address asks for. */
export interface Asked {
  readonly printable: string | null
  readonly rung: string | null
}

/** What is asked for, as far as there is such a thing, and else the usual first one. */
function firstPick({ printable, rung }: Asked): Picked {
  const first = {
    ...FIRST,
    id: ALL.find(({ id }) => id === printable)?.id ?? FIRST.id,
    rung: rungs.find(({ id }) => id === rung)?.id ?? FIRST.rung,
  }
  return { ...first, rung: rungOn(first) }
}

const ALL = Object.values(printables)
export const MOST_SEED = 999_999

/** A print as it is picked: its options, its pages or why there are none, and what can be changed. */
export function usePrint(settings: Settings, asked: Asked) {
  const [isPinned, setPinned] = useState(false)
  const { picked, opened, set, open } = usePicked(asked)
  const printable = printableOf(picked.id)
  const counts = useMemo(() => countsOn(printable, picked.rung), [printable, picked.rung])
  const options: ChosenOptions = useMemo(
    () => opened?.options ?? optionsOf(picked, counts.usual, settings),
    [opened, settings, picked, counts.usual],
  )
  const { seed, copies } = picked
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
    open,
    /** The address of the PDF: the same address always gives the same pages. */
    pdf: `/api/print.pdf?print=${encodeURIComponent(JSON.stringify({ ...wish, copies }))}`,
  }
}

export type PrintState = ReturnType<typeof usePrint>

/** What is picked, and the saved print that is open until something is changed. */
function usePicked(asked: Asked) {
  const [picked, setPicked] = useState(() => firstPick(asked))
  const [opened, setOpened] = useState<SavedPrint | null>(null)
  const set = (change: Partial<Picked>) => {
    const next = { ...picked, ...change }
    setOpened(null)
    setPicked({ ...next, rung: rungOn(next), count: 'id' in change || 'rung' in change ? null : next.count })
  }
  const open = (saved: SavedPrint) => {
    setPicked(pickedFrom(saved))
    setOpened(saved)
  }
  return { picked, opened, set, open }
}

/** The picked rung, or the first that suits the printable. */
function rungOn({ id, rung }: Picked): RungId {
  const { suits } = printableOf(id)
  return suits(rung) ? rung : (rungs.find((each) => suits(each.id))?.id ?? rung)
}

function optionsOf({ id, rung, count, choices, paper }: Picked, usual: number, settings: Settings): ChosenOptions {
  const chosen = { lowInk: settings.lowInk, ...tidyChoices(choices) }
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
  return { id: printable, rung, count, choices, paper, seed, copies: 1 }
}
