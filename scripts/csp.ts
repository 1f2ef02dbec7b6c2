import { createHash } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { type RequestListener, createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { pathToFileURL } from 'node:url'
import { viewPaths } from '../src/core/views'

/*
 * Writes the hashes of the scripts that stand in our own pages, as the build made them. Only these may run; a script
 * that gets into a page in any other way does not.
 */

const PAGES = [...viewPaths({ child: 'none', group: 'none', session: 'none' }), '/nowhere']

const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-csp-'))
process.env.RIPE_ACORN_DATA = folder
process.env.RIPE_ACORN_LOG = 'silent'
const { handler } = (await import(pathToFileURL(resolve('dist/server/entry.mjs')).href)) as { handler: RequestListener }
const server = createServer((request, response) => handler(request, response))
await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
const { port } = server.address() as AddressInfo

const hashes = new Set<string>()
const made = await Promise.all(PAGES.map(async (page) => (await fetch(`http://127.0.0.1:${port}${page}`)).text()))
// This one was made by the build itself.
for (const html of [...made, readFileSync('dist/client/offline/index.html', 'utf8')]) {
  for (const [, attributes = '', code = ''] of html.matchAll(/<script([^>]*)>([\s\S]*?)<\/script>/g))
    if (!/\ssrc=/.test(attributes) && code !== '')
      hashes.add(`sha256-${createHash('sha256').update(code).digest('base64')}`)
}
if (hashes.size === 0) throw new Error('No script was found in any page.')
writeFileSync('dist/csp.json', JSON.stringify({ scripts: [...hashes].sort() }, null, 1))
server.close()
rmSync(folder, { recursive: true, force: true })
process.exit(0)
