import { join } from 'node:path'

export type WorkerName = 'pack-worker' | 'plan-worker' | 'print-worker' | 'file-worker'

/** Where a worker lies: beside the bundle of the server, which says so as it starts; tests bundle their own. */
export function workerFile(name: WorkerName): string {
  return join(process.env.RIPE_ACORN_WORKERS ?? join(process.cwd(), 'dist'), `${name}.mjs`)
}
