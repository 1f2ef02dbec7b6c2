import { useDeferredValue, useMemo, useState } from 'react'
import type { PaperId } from '../../core/drawing'
import { RefusedValue } from '../../core/errors'
import {
  type Covers,
  type Extra,
  type Flip,
  type HelpLevel,
  PRINTS_MADE,
  type Print,
  type PrintOptions,
  type Printable,
  type PrintableId,
  type SavedPrint,
  countsOn,
  isTwoHanded,
  printableOf,
  printables,
} from '../../core/printables'
import { type Settings, wordingOf } from '../../core/records'
import { type MisreadingId, type RungId, rungs } from '../../core/teaching'

/** What was picked: everything else of a print follows from it, the house rules and the seed. */
export interface Picked {
  readonly id: PrintableId
  readonly rung: RungId
  /** Null: as many as is usual. */
  readonly count: number | null
  readonly helps: HelpLevel
  readonly answers: 'write' | 'choose'
  readonly forms: 2 | 3
  readonly backs: Flip | ''
  readonly guillotine: boolean
  readonly cells: number
  /** Widths of a spinner's sectors as they are typed: "1, 2, 1"; empty for all alike. */
  readonly sectors: string
  /** Minutes from clock to clock; null draws them. */
  readonly by: number | null
  readonly boards: number
  readonly covers: Covers
  readonly reversed: boolean
  /** A day of one's own as it is typed, a row a line; empty: a day that is made up. */
  readonly rows: string
  readonly lures: readonly MisreadingId[]
  readonly title: string
  readonly owner: string
  readonly copies: number
  /** Empty and null: as the house rules have it. */
  readonly paper: PaperId | ''
  readonly lowInk: boolean | null
  readonly seed: number
}

const FIRST: Picked = {
  id: 'read-dials',
  rung: 'half',
  count: null,
  helps: 0,
  answers: 'write',
  forms: 2,
  backs: '',
  guillotine: false,
  cells: 3,
  sectors: '',
  by: null,
  covers: 'dials',
  boards: 4,
  reversed: false,
  rows: '',
  lures: [],
  title: '',
  owner: '',
  copies: 1,
  paper: '',
  lowInk: null,
  seed: 1,
}
const ALL = Object.values(printables)
export const MOST_SEED = 999_999
/** How much sooner a misreading that was picked makes a wrong choice. */
const LEANING = 6

/** A print as it is picked: its options, its pages or why there are none, and what can be changed. */
export function usePrint(settings: Settings) {
  const [picked, setPicked] = useState(FIRST)
  const [isPinned, setPinned] = useState(false)
  /** What was opened as it was kept: it is shown by its own options, until something is changed. */
  const [opened, setOpened] = useState<SavedPrint | null>(null)
  const printable = printableOf(picked.id)
  const counts = useMemo(() => countsOn(printable, picked.rung), [printable, picked.rung])
  const options: PrintOptions = useMemo(
    () => opened?.options ?? optionsOf(picked, counts.usual, settings),
    [opened, settings, picked, counts.usual],
  )
  const { print, refusal } = useMemo(() => made(printable, options, picked.seed), [printable, options, picked.seed])
  // What is said of the print comes after its page: some of it is played out many times.
  const wanted = useMemo(
    () => ({ printable, options, seed: picked.seed, print }),
    [printable, options, picked.seed, print],
  )
  const later = useDeferredValue(wanted)
  const notes = useMemo(() => (later.print ? (later.printable.notes?.(later.options, later.seed) ?? []) : []), [later])
  /** What was opened is left as soon as anything is changed; a printable that does not suit the rung takes its first one. */
  const set = (change: Partial<Picked>) => {
    const next = { ...picked, ...change }
    const fits = printableOf(next.id).suits(next.rung)
    const rung = fits ? next.rung : (rungs.find(({ id }) => printableOf(next.id).suits(id))?.id ?? next.rung)
    setOpened(null)
    setPicked({ ...next, rung, count: 'id' in change || 'rung' in change ? null : next.count })
  }
  return {
    picked,
    printable,
    counts,
    options,
    print,
    /** The same, a moment later: for all but the first page. */
    printLater: later.print,
    notes,
    refusal,
    set,
    isPinned,
    setPinned,
    shuffle: () => !isPinned && set({ seed: Math.floor(Math.random() * MOST_SEED) + 1 }),
    rungs: rungs.filter(({ id }) => printable.suits(id)),
    all: ALL,
    takes: (extra: Extra) => printable.takes.includes(extra),
    /** What is on the screen, to be kept. */
    saved: { printable: picked.id, options, seed: picked.seed, made: PRINTS_MADE } satisfies SavedPrint,
    open: (saved: SavedPrint) => {
      setPicked(pickedFrom(saved))
      setOpened(saved)
    },
    /** The address of the PDF: the same pages for the same address. */
    pdf: `/api/print.pdf?print=${encodeURIComponent(JSON.stringify({ printable: picked.id, options, seed: picked.seed, copies: picked.copies }))}`,
  }
}

export type PrintState = ReturnType<typeof usePrint>

function optionsOf(picked: Picked, usual: number, settings: Settings): PrintOptions {
  const takes = (extra: Extra) => printableOf(picked.id).takes.includes(extra)
  const sectors = picked.sectors
    .split(/[ ,;]+/)
    .filter(Boolean)
    .map(Number)
  const rows = picked.rows.split('\n').filter((line) => line.trim() !== '')
  const hasFigures = isTwoHanded(picked.rung)
  return {
    paper: picked.paper || settings.paper,
    lowInk: picked.lowInk ?? settings.lowInk,
    wording: wordingOf(settings),
    rung: picked.rung,
    count: picked.count ?? usual,
    ...(picked.owner.trim() ? { owner: picked.owner.trim() } : {}),
    ...(picked.title.trim() ? { title: picked.title.trim() } : {}),
    ...(takes('helps') ? { helps: picked.helps } : {}),
    ...(takes('answers') ? { answers: picked.answers } : {}),
    ...(takes('forms') && hasFigures ? { forms: picked.forms } : {}),
    ...(takes('backs') && picked.backs ? { backs: picked.backs } : {}),
    ...(takes('cuts') ? { guillotine: picked.guillotine } : {}),
    ...(takes('cells') ? { cells: picked.cells } : {}),
    ...(takes('covers') && (hasFigures || picked.covers !== 'figures') ? { covers: picked.covers } : {}),
    ...(takes('sectors') && sectors.length > 0 ? { sectors } : {}),
    ...(takes('by') && picked.by !== null ? { by: picked.by } : {}),
    ...(takes('boards') ? { boards: picked.boards } : {}),
    ...(takes('reversed') ? { reversed: picked.reversed } : {}),
    ...(takes('rows') && rows.length > 0 ? { rows } : {}),
    ...(takes('lures') && picked.lures.length > 0
      ? { weights: Object.fromEntries(picked.lures.map((id) => [id, LEANING])) }
      : {}),
  }
}

function pickedFrom({ printable, options, seed }: SavedPrint): Picked {
  const {
    rung,
    count,
    helps = 0,
    answers = 'write',
    forms = 2,
    backs = '',
    guillotine = false,
    cells = 3,
    boards = 4,
  } = options
  return {
    id: printable,
    rung,
    count,
    helps,
    answers,
    forms,
    backs,
    guillotine,
    cells,
    boards,
    seed,
    copies: 1,
    paper: options.paper,
    lowInk: options.lowInk ?? false,
    sectors: options.sectors?.join(', ') ?? '',
    covers: options.covers ?? 'dials',
    by: options.by ?? null,
    reversed: options.reversed ?? false,
    rows: options.rows?.join('\n') ?? '',
    lures: Object.keys(options.weights ?? {}) as MisreadingId[],
    title: options.title ?? '',
    owner: options.owner ?? '',
  }
}

function made(printable: Printable, options: PrintOptions, seed: number): { print?: Print; refusal?: string } {
  try {
    return { print: printable.make(options, seed) }
  } catch (error) {
    if (error instanceof RefusedValue) return { refusal: error.message }
    throw error
  }
}
