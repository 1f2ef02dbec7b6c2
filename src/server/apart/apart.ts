import { adultLanguage } from '../../words/i18n'
import { type Told, told } from '../../core/wording'
import { Piscina } from 'piscina'
import type { Compared } from '../../core/keeping'
import type { SessionPlan } from '../../core/planning'
import { type Db, fileOf } from '../connection'
import { log } from '../log'
import { Problem } from '../problem'
import type { Workspace } from '../keeping/docs'
import type { FileTask } from './fileWorker'
import type { PlanTask } from './planWorker'
import type { PrintTask } from './printWorker'
import { type Reply, valueOf } from './reply'
import { workerFile } from './workerFile'

/* Work on threads of its own, with as much time and room as it may take: whoever asks for more is refused, alone. */

interface Bounds {
  readonly worker: 'plan-worker' | 'print-worker' | 'file-worker'
  readonly seconds: number
  readonly megabytes: number
  /** How many wait at most for the one thread, which leaves the table the other core. */
  readonly waiting: number
  readonly tooLong: Told
  readonly tooLarge: Told
}

const MAKING = {
  seconds: 60,
  megabytes: 768,
  waiting: 24,
  tooLong: told('It took longer than a minute and was given up. Ask for less at once.'),
  tooLarge: told('It took more room than this machine has. Ask for less at once.'),
} as const

const WORK = {
  plan: { ...MAKING, worker: 'plan-worker' },
  print: { ...MAKING, worker: 'print-worker' },
  everything: { ...MAKING, worker: 'file-worker', waiting: 2 },
  file: {
    worker: 'file-worker',
    seconds: 20,
    megabytes: 1024,
    waiting: 4,
    tooLong: told('The file took longer than 20 seconds to read and was given up. Import a smaller one.'),
    tooLarge: told('The file holds more than 1024 MB once it is read. Import a smaller one.'),
  },
} as const satisfies Record<string, Bounds>

type WorkId = keyof typeof WORK

/** A thread is kept so long for the next piece of work. */
const KEPT_MS = 10 * 60_000

const pools = new Map<WorkId, Piscina>()

/** Begun with the first piece of its work. */
function poolOf(id: WorkId): Piscina {
  const known = pools.get(id)
  if (known) return known
  const { worker, megabytes, waiting } = WORK[id]
  const pool = new Piscina({
    filename: workerFile(worker),
    minThreads: 0,
    maxThreads: 1,
    maxQueue: waiting,
    idleTimeout: KEPT_MS,
    resourceLimits: { maxOldGenerationSizeMb: megabytes },
  })
  // A thread that cannot even begin would be begun again and again. All that wait for it are told, and the next one
  // who asks gets a new one.
  pool.on('error', (error: unknown) => {
    log.error({ err: error }, `a ${worker} could not begin`)
    pools.delete(id)
    void pool.destroy()
  })
  pools.set(id, pool)
  return pool
}

async function run<T>(id: WorkId, task: unknown, left?: AbortSignal): Promise<T> {
  const giveUp = new AbortController()
  let isLate = false
  const timer = setTimeout(() => {
    isLate = true
    giveUp.abort()
  }, WORK[id].seconds * 1000)
  const leave = () => giveUp.abort()
  left?.addEventListener('abort', leave, { once: true })
  if (left?.aborted) leave()
  try {
    const reply: unknown = await poolOf(id)
      .run(task, { signal: giveUp.signal })
      .catch((error: unknown) => {
        if (isLate) throw new Problem(413, told('Too much'), { detail: WORK[id].tooLong })
        if (giveUp.signal.aborted) throw new Problem(499, told('Nobody waits for it any more'))
        throw notDone(id, error)
      })
    return valueOf(reply as Reply<T>)
  } finally {
    clearTimeout(timer)
    left?.removeEventListener('abort', leave)
  }
}

/** Why a thread gave no answer at all: what it finds or refuses comes as an answer. */
function notDone(id: WorkId, error: unknown): Problem {
  const { code, message = '' } = error as { code?: unknown; message?: string }
  if (code === 'ERR_WORKER_OUT_OF_MEMORY') return new Problem(413, told('Too much'), { detail: WORK[id].tooLarge })
  if (message.includes('queue'))
    return new Problem(503, told('Too much at once'), {
      detail: told('Others are being answered. Nothing was changed; try again soon.'),
    })
  log.error({ err: error }, `a ${WORK[id].worker} gave no answer`)
  return new Problem(503, told('This could not be done'), {
    detail: told('The part of Ripe Acorn that does this stopped. Nothing was changed; try again.'),
  })
}

/** Plans a session. Throws what the planner throws: RefusedValue with its field. */
export const planApart = (task: PlanTask) => run<SessionPlan>('plan', task)

/** The pages of a print as a PDF; given up where `left` says that nobody waits for it. */
export async function printApart(task: PrintTask, left: AbortSignal): Promise<Buffer> {
  return Buffer.from(await run<Uint8Array>('print', task, left))
}

/** The zip with all that is kept. */
export async function workspaceZipApart(db: Db, now: number): Promise<Buffer> {
  const task: FileTask = { as: 'everything', file: fileOf(db), now, language: adultLanguage() }
  return Buffer.from(await run<Uint8Array>('everything', task))
}

/** The things in a file of the workspace, each of them checked. */
export const readWorkspaceApart = (bytes: Uint8Array) =>
  run<Workspace>('file', { as: 'workspace', bytes } satisfies FileTask)

/** What a file would bring. */
export const compareApart = (db: Db, bytes: Uint8Array) =>
  run<Compared[]>('file', { as: 'compare', file: fileOf(db), bytes } satisfies FileTask)

/** What would change if a backup were restored. */
export const compareBackupApart = (db: Db, name: string) =>
  run<Compared[]>('file', { as: 'compare-backup', file: fileOf(db), name } satisfies FileTask)

/** The cells of a table, row by row. */
export const readTableApart = (bytes: Uint8Array) => run<string[][]>('file', { as: 'table', bytes } satisfies FileTask)
