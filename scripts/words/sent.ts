import { readFileSync } from 'node:fs'
import { toldIn } from './toldIn'

/** Where the server makes what it sends to a view as it is: the view's own scripts may not have these texts. */
const FILES = [
  'src/core/told.ts',
  'src/core/knowing/estimate.ts',
  'src/core/knowing/readiness.ts',
  'src/core/knowing/scaffolds.ts',
  'src/core/knowing/together.ts',
  'src/core/planning/bend.ts',
  'src/core/planning/edits.ts',
  'src/core/planning/reasons.ts',
  'src/core/planning/stations.ts',
]

/** The texts that every page brings. */
export const textsSent = (): string[] => [...new Set(FILES.flatMap((file) => toldIn(file, readFileSync(file, 'utf8'))))]
