import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'

/**
 * Bundles the server's workers once for all tests, as the build does. Inside the project, so that they find packages.
 */
export default async function bundleWorkers(): Promise<() => void> {
  const outdir = join(process.cwd(), '.cache', `workers-${process.pid}`)
  await build({
    entryPoints: Object.fromEntries(
      ['pack', 'plan', 'print', 'file'].map((work) => [`${work}-worker`, `src/server/apart/${work}Worker.ts`]),
    ),
    bundle: true,
    platform: 'node',
    format: 'esm',
    outdir,
    outExtension: { '.js': '.mjs' },
    logLevel: 'error',
    packages: 'external',
  })
  process.env.RIPE_ACORN_WORKERS = outdir
  return () => rmSync(outdir, { recursive: true, force: true })
}
