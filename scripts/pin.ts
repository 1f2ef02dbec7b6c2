import { writeFileSync } from 'node:fs'
import { PRINTS_MADE } from '../src/core/printables'
import { PINNED_NAMES, pinnedNow } from '../tests/pinned/made'

/* `npm run pin` keeps the fingerprints of what the app makes now: after a change that is meant. */

const kept = { printsMade: PRINTS_MADE, of: Object.fromEntries(PINNED_NAMES.map((name) => [name, pinnedNow(name)])) }
writeFileSync('tests/pinned/kept.json', `${JSON.stringify(kept, null, 2)}\n`)
