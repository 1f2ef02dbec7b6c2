import { join } from 'node:path'

/** Where a worker lies: `npm run build` bundles them to dist/; tests bundle their own. */
export function workerFile(name: 'pack-worker' | 'plan-worker'): string {
  return join(process.env.RIPE_ACORN_WORKERS ?? join(process.cwd(), 'dist'), `${name}.mjs`)
}
