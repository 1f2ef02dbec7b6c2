import { told } from '../core/wording'
import { Worker } from 'node:worker_threads'
import { type PackLine, type PackWish, packLines } from '../core/planning'
import type { PackJob } from '../core/records'
import type { PackNews } from './apart/packWorker'
import { log } from './log'
import { Problem, notFound } from './problem'
import { workerFile } from './apart/workerFile'

interface RunningPack {
  state: PackJob['state']
  done: number
  total: number
  pages?: number
  readonly wish: PackWish
  readonly lines: readonly PackLine[]
  worker?: Worker
  pdf?: Uint8Array
}

/** More packs at once would slow down the table for those who work there. */
const MOST_AT_ONCE = 2
/** More than this many waiting packs are a mistake or an attack. */
const MOST_WAITING = 12
/** How many finished packs are kept to be fetched. An older one has to be made again. */
const MOST_KEPT = 6

const jobs = new Map<string, RunningPack>()

const waitingIds = () => [...jobs].filter(([, { state }]) => state === 'waiting').map(([id]) => id)

function report(id: string, { state, done, total, lines, pages }: RunningPack): PackJob {
  const place = waitingIds().indexOf(id)
  return { id, state, done, total, lines, pages, ...(place >= 0 && { before: place }) }
}

/** Begins a pack, or lets it wait until another is done. The same id twice is the same pack. */
export function startPack(id: string, wish: PackWish): PackJob {
  const known = jobs.get(id)
  if (known) return report(id, known)
  const waiting = waitingIds().length
  if (waiting >= MOST_WAITING)
    throw new Problem(429, told('Too many packs'), {
      field: 'id',
      detail: told('{0} packs wait already. Download or cancel some of them first.', waiting),
    })
  const lines = packLines(wish)
  const job: RunningPack = { state: 'waiting', done: 0, total: lines.length * 2, wish, lines }
  jobs.set(id, job)
  forgetOld()
  startWaiting()
  return report(id, job)
}

export function packJob(id: string): PackJob {
  return report(id, found(id))
}

/** Stops a pack at once if it is not done yet, and forgets a finished one. */
export function cancelPack(id: string): PackJob {
  const job = found(id)
  void job.worker?.terminate()
  job.state = 'cancelled'
  job.worker = undefined
  job.pdf = undefined
  startWaiting()
  return report(id, job)
}

export function packPdf(id: string): Buffer {
  const { pdf, state } = found(id)
  if (!pdf)
    throw new Problem(409, told('This pack is not ready'), {
      field: 'id',
      detail: told('The pack is {0}: it can be downloaded when it is done.', state),
    })
  return Buffer.from(pdf)
}

function found(id: string): RunningPack {
  const job = jobs.get(id)
  if (!job) throw notFound(told('pack'))
  return job
}

function startWaiting(): void {
  const making = [...jobs.values()].filter(({ state }) => state === 'making').length
  const waiting = [...jobs.values()].filter(({ state }) => state === 'waiting')
  for (const job of waiting.slice(0, Math.max(0, MOST_AT_ONCE - making))) start(job)
}

function start(job: RunningPack): void {
  job.state = 'making'
  const worker = new Worker(workerFile('pack-worker'), { workerData: job.wish })
  job.worker = worker
  const end = (state: 'done' | 'failed') => {
    if (job.worker !== worker) return
    job.state = state
    job.worker = undefined
    startWaiting()
  }
  worker.on('message', (news: PackNews) => {
    if (job.worker !== worker) return
    if ('pdf' in news) {
      job.pdf = news.pdf
      job.pages = news.pages
      job.done = job.total
      end('done')
    } else Object.assign(job, news)
  })
  worker.on('error', (error) => {
    log.error({ err: error }, 'a pack could not be made')
    end('failed')
  })
  worker.on('exit', () => end('failed'))
}

/** Forgets every pack that is finished: the names of children stand in them, and they can be made again. */
export function forgetFinishedPacks(): void {
  for (const [id, { state }] of jobs) if (state !== 'waiting' && state !== 'making') jobs.delete(id)
}

/** The oldest that nobody works on any more go first. */
function forgetOld(): void {
  const over = [...jobs].filter(([, { state }]) => state !== 'waiting' && state !== 'making').slice(0, -MOST_KEPT)
  for (const [id] of over) jobs.delete(id)
}
