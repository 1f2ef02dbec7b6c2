import { createHash } from 'node:crypto'
import { writeFileSync } from 'node:fs'
import { viewPaths } from '../src/core/views'
import { builtPages } from './builtPages'

/*
 * Writes the hashes of the scripts that stand in our own pages, as the build made them. Only these may run; a script
 * that gets into a page in any other way does not.
 */

const made = await builtPages([...viewPaths({ child: 'none', group: 'none', session: 'none' }), '/nowhere', '/offline'])

const hashes = new Set<string>()
for (const html of made) {
  for (const [, attributes = '', code = ''] of html.matchAll(/<script([^>]*)>([\s\S]*?)<\/script>/g))
    if (!/\ssrc=|application\/json/.test(attributes) && code !== '')
      hashes.add(`sha256-${createHash('sha256').update(code).digest('base64')}`)
}
if (hashes.size === 0) throw new Error('No script was found in any page.')
writeFileSync('dist/csp.json', JSON.stringify({ scripts: [...hashes].sort() }, null, 1))
process.exit(0)
