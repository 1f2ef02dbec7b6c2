import { mkdtempSync, rmSync } from 'node:fs'
import { type RequestListener, createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { pathToFileURL } from 'node:url'

/** The pages at these addresses as the build serves them in a language, with a data folder of their own that is empty. */
export async function builtPages(paths: readonly string[], language = 'en'): Promise<string[]> {
  const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-pages-'))
  process.env.RIPE_ACORN_DATA = folder
  process.env.RIPE_ACORN_LOG = 'silent'
  const { handler } = (await import(pathToFileURL(resolve('dist/server/entry.mjs')).href)) as {
    handler: RequestListener
  }
  const server = createServer((request, response) => handler(request, response))
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  const { port } = server.address() as AddressInfo
  const get = async (url: string) => (await fetch(url, { headers: { 'accept-language': language } })).text()
  const pages = await Promise.all(paths.map(async (path) => get(`http://127.0.0.1:${port}${path}`)))
  server.close()
  rmSync(folder, { recursive: true, force: true })
  return pages
}
