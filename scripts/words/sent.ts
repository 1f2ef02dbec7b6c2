import { readFileSync } from 'node:fs'
import { materials } from '../../src/core/activities'
import { inEnglish, unitFor } from '../../src/core/wording'
import { toldIn } from './toldIn'

/** Where the server makes what it sends to a view as it is: the view's own scripts may not have these texts. */
const FILES = [
  'src/core/activities/index.ts',
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

/** Several of a material: no code has them as they are, since an s makes them. */
export const unitsSent = (): string[] => [
  ...new Set(Object.values(materials).map(({ unit }) => inEnglish(unitFor(unit, 2)))),
]

/** The texts that every page brings. */
export const textsSent = (): string[] => [
  ...new Set([...unitsSent(), ...FILES.flatMap((file) => toldIn(file, readFileSync(file, 'utf8')))]),
]
