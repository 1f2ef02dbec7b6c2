import type { Instant } from './knowing'
import { type Told, told } from './wording'

/*
 * The shapes in which the server tells how the data is kept: what goes out, comes in, is backed up and can be undone.
 */

/** What a file or a backup would bring of one kind. */
export interface Compared {
  /** "children". */
  readonly kind: string
  /** What several of them are called. */
  readonly many: string
  readonly fresh: number
  readonly same: number
  readonly different: number
  /** Only here: a file leaves it, a backup that is restored takes it away. */
  readonly onlyHere: number
  /** Some of those that differ, by name. */
  readonly examples: readonly string[]
}

/** What to do with a thing that is here and in a file, and differs. */
export type OnDifferent = 'keep' | 'replace'

/** A line of a table of children, and what becomes of it. */
export type TableLine =
  | { readonly line: number; readonly kind: 'new' | 'same'; readonly name: string; readonly age: number | null }
  | { readonly line: number; readonly kind: 'wrong'; readonly why: string }

/** Another spelling of a name, and in how many texts it stands. */
export interface Spelling {
  readonly spelling: string
  readonly count: number
}

/** Where a child's name stands beside the child's own records. */
export interface NameElsewhere {
  readonly places: readonly Counted[]
  /** What may be the name too, for the adult to decide: "bram", "Brams". */
  readonly spellings: readonly Spelling[]
}

/** Something that can still be taken back. */
export interface Undo {
  readonly id: string
  readonly at: Instant
  /** Until when that is promised. */
  readonly until: Instant
  /** In words: "A child, with 34 things of its own". */
  readonly what: string
}

export interface TakenBack {
  readonly back: number
  /** What was changed since by somebody, and so stays as it is. */
  readonly stays: number
}

/** Why a backup was made. It stands in the file's name. */
export const BACKUP_REASONS = ['daily', 'by hand', 'before an update', 'before a restore'] as const
export type BackupReason = (typeof BACKUP_REASONS)[number]

/** The reasons as they are told. */
export const REASON_NAMES: Readonly<Record<BackupReason, Told>> = {
  daily: told('daily'),
  'by hand': told('by hand'),
  'before an update': told('before an update'),
  'before a restore': told('before a restore'),
}

export interface Backup {
  readonly name: string
  readonly at: Instant
  readonly reason: BackupReason
  readonly bytes: number
}

/** A row of the database that cannot be read, as it is told. */
export interface DamagedRow {
  readonly kind: string
  readonly row: string
}

/** What is written down of who did what, and how it is told. */
export const DEEDS = {
  removed: told('Removed'),
  'took back a removal': told('Took back a removal'),
  'took in': told('Took in a file'),
  'took back an import': told('Took back what a file brought'),
  restored: told('Restored a backup'),
  'took back a restore': told('Took back a restore'),
  overruled: told('Overruled a step'),
  'backed up': told('Made a backup'),
  'set aside': told('Set damaged rows aside'),
  'changed the keeping': told('Changed how data is kept'),
  'let in a device': told('A device came in'),
  'shut out a device': told('Shut a device out'),
} as const
export type DeedName = keyof typeof DEEDS

/** One thing that was done. It never has a child's name. */
export interface Deed {
  readonly id: string
  readonly at: Instant
  readonly what: DeedName
  readonly detail: string
  /** The device that it was done on. */
  readonly device: string
}

/** How many there are of one kind of thing. */
export interface Counted {
  /** What they are called in the adult's language: "answer" of one, "answers" of more. */
  readonly what: string
  readonly count: number
}

/** A device that gave the passcode. */
export interface Device {
  readonly id: string
  readonly name: string
  /** When it came in, and when it was last here. */
  readonly since: Instant
  readonly seen: Instant
}

/** Who may come in, from where. */
export interface NetworkState {
  /** Others can reach this machine at these addresses: "http://192.168.1.20:4321". None where it is closed to them. */
  readonly addresses: readonly string[]
  readonly isSecure: boolean
  readonly hasPasscode: boolean
  /** It was given at the start, and cannot be changed here. */
  readonly isFixed: boolean
  readonly devices: readonly Device[]
}

/** What Your data shows. */
export interface DataState {
  /** Where the data is. */
  readonly file: string
  readonly counts: readonly Counted[]
  readonly damaged: readonly DamagedRow[]
  readonly setAside: number
  readonly undos: readonly Undo[]
  readonly deeds: readonly Deed[]
  readonly backups: readonly Backup[]
  readonly backupFolder: string
  readonly keeping: { readonly folder: string; readonly keep: number }
}

export const FEWEST_BACKUPS = 2
export const MOST_BACKUPS = 100
