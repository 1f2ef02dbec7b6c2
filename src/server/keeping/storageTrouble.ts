import { type Told, inEnglish, told } from '../../core/wording'
/* What can go wrong with the data file, each with a message of its own that says what to do. */

/** The data cannot be opened, read or written. The message is for the adult, in one or two sentences. */
export class StorageTrouble extends Error {
  constructor(
    readonly kind: TroubleKind,
    readonly says: Told,
    cause?: unknown,
  ) {
    super(inEnglish(says), { cause })
    this.name = 'StorageTrouble'
  }
}

/** Where the data lives, as messages name it. */
interface DataPlace {
  readonly folder: string
}

const MESSAGES = {
  'not-writable': ({ folder }: DataPlace) =>
    told('The data folder {0} cannot be written. Set RIPE_ACORN_DATA to one that can.', folder),
  'in-use': ({ folder }: DataPlace) =>
    told(
      'The data folder {0} is in use by another Ripe Acorn. Stop that one first, or set RIPE_ACORN_DATA to another folder.',
      folder,
    ),
  'not-a-database': ({ folder }: DataPlace) =>
    told(
      'The file ripe-acorn.sqlite in {0} is no database of Ripe Acorn. Move it away, and put a backup in its place.',
      folder,
    ),
  damaged: ({ folder }: DataPlace) =>
    told(
      'The database in {0} is damaged: a part of it is missing or does not fit. Keep a copy of it, and put the newest backup in its place.',
      folder,
    ),
  emptied: ({ folder }: DataPlace) =>
    told(
      'The database in {0} is missing or empty, though backups are beside it. Put the newest backup in its place as ripe-acorn.sqlite, or move the backups away to begin anew.',
      folder,
    ),
  newer: ({ folder }: DataPlace) =>
    told(
      'The database in {0} was made by a newer version of Ripe Acorn. Start that version, or set RIPE_ACORN_DATA to another folder.',
      folder,
    ),
  'read-only': ({ folder }: DataPlace) =>
    told(
      'The database in {0} cannot be written: the file or its disk is read-only. Allow writing, and start again.',
      folder,
    ),
  locked: ({ folder }: DataPlace) =>
    told(
      'The database in {0} is held by another program, such as a backup that is running. Wait until it has ended, and try again.',
      folder,
    ),
  full: ({ folder }: DataPlace) =>
    told('The disk that holds {0} is full. Make room on it, and try again. Nothing was half-written.', folder),
  vanished: ({ folder }: DataPlace) =>
    told(
      'The database in {0} has vanished or was put in another’s place while Ripe Acorn ran. Put it back, and start Ripe Acorn again.',
      folder,
    ),
  unreadable: ({ folder }: DataPlace) =>
    told(
      'The disk that holds {0} could not be read or written. Look whether it is still connected, and start Ripe Acorn again.',
      folder,
    ),
} as const

export type TroubleKind = keyof typeof MESSAGES

/** SQLite's own codes and those of the file system. Longer codes, such as `SQLITE_BUSY_SNAPSHOT`, begin alike. */
const KINDS: readonly (readonly [code: string, kind: TroubleKind])[] = [
  ['SQLITE_NOTADB', 'not-a-database'],
  ['SQLITE_CORRUPT', 'damaged'],
  ['SQLITE_BUSY', 'locked'],
  ['SQLITE_LOCKED', 'locked'],
  ['SQLITE_READONLY_DBMOVED', 'vanished'],
  ['SQLITE_READONLY', 'read-only'],
  ['SQLITE_FULL', 'full'],
  ['SQLITE_CANTOPEN', 'not-writable'],
  ['SQLITE_IOERR', 'unreadable'],
  ['ENOSPC', 'full'],
  ['EROFS', 'read-only'],
  ['EACCES', 'not-writable'],
  ['EPERM', 'not-writable'],
  ['ENOTDIR', 'not-writable'],
  ['EEXIST', 'not-writable'],
  ['EISDIR', 'not-writable'],
]

export function trouble(kind: TroubleKind, folder: string, cause?: unknown): StorageTrouble {
  return new StorageTrouble(kind, MESSAGES[kind]({ folder }), cause)
}

/** The trouble that an error of SQLite or of the file system tells of; undefined where it is none of these. */
export function troubleOf(error: unknown, folder: string): StorageTrouble | undefined {
  if (error instanceof StorageTrouble) return error
  const code = (error as { code?: unknown } | undefined)?.code
  if (typeof code !== 'string') return undefined
  const kind = KINDS.find(([begin]) => code.startsWith(begin))?.[1]
  return kind && trouble(kind, folder, error)
}
