import { mkdtempSync, rmSync } from 'node:fs'
import { type RequestListener, createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { pathToFileURL } from 'node:url'

/** The pages at these addresses as the build serves them, with a data folder of their own that is empty. */
export async function builtPages(paths: readonly string[]): Promise<string[]> {
  const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-pages-'))
  process.env.RIPE_ACORN_DATA = folder
  process.env.RIPE_ACORN_LOG = 'silent'
  const { handler } = (await import(pathToFileURL(resolve('dist/server/entry.mjs')).href)) as {
    handler: RequestListener
  }
  const server = createServer((request, response) => handler(request, response))
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  const { port } = server.address() as AddressInfo
  const pages = await Promise.all(paths.map(async (path) => (await fetch(`http://127.0.0.1:${port}${path}`)).text()))
  server.close()
  rmSync(folder, { recursive: true, force: true })
  return pages
}
