import { readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { brotliCompressSync } from 'node:zlib'

/*
 * Compresses once what never changes, as far as it goes; the server sends it as it is. What is read by eye or drawn has
 * its own compression.
 */

const FOLDER = 'dist/client/_astro'

for (const name of readdirSync(FOLDER))
  if (/\.(js|css)$/.test(name)) {
    const path = `${FOLDER}/${name}`
    writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path)))
  }
