import { readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { promisify } from 'node:util'
import { brotliCompress } from 'node:zlib'

/*
 * Compresses once what never changes, as far as it goes; the server sends it as it is. What is read by eye or drawn has
 * its own compression.
 */

const FOLDER = 'dist/client/_astro'

const compress = promisify(brotliCompress)

await Promise.all(
  readdirSync(FOLDER)
    .filter((name) => /\.(js|css|json)$/.test(name))
    .map(async (name) => {
      const path = `${FOLDER}/${name}`
      writeFileSync(`${path}.br`, await compress(readFileSync(path)))
    }),
)
