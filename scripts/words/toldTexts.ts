import { readFileSync } from 'node:fs'
import { extractor } from '@lingui/cli/api'
import type { ExtractorType } from '@lingui/conf'
import { toldIn } from './toldIn'

/* Finds the texts of a file that are said to the adult, for the catalogues. */

const OURS = /\.(tsx?|astro)$/

export const toldTexts: ExtractorType = {
  match: (filename) => OURS.test(filename),
  async extract(filename, _, onMessage, context) {
    const code = readFileSync(filename, 'utf8')
    for (const text of toldIn(filename, code)) onMessage({ id: text, message: text, origin: [filename, 1] })
    if (/@lingui\/(core|react)\/macro/.test(code)) await extractor.extract(filename, code, onMessage, context)
  },
}
