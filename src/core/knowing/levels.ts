import { told, type Told } from '../wording'
import type { Estimate } from './estimate'

/** How a rung stands, as an adult would put it. */
export const LEVELS = ['not-met', 'too-early', 'not-yet', 'getting-there', 'secure'] as const
export type Level = (typeof LEVELS)[number]

export const LEVEL_NAMES: Readonly<Record<Level, Told>> = {
  'not-met': told('not met yet'),
  'too-early': told('too early to say'),
  'not-yet': told('not yet'),
  'getting-there': told('getting there'),
  secure: told('secure'),
}

/** Fewer answers than this say nothing either way. */
export const LEAST_FOR_A_LEVEL = 4
/** From here on a child is more likely than not to know it. */
export const GETTING_THERE_PROBABILITY = 0.5

/** The level of a rung: the adult's own word first, then what the answers say. */
export function levelOf({
  firm,
  answers,
  probability,
  overrule,
}: Pick<Estimate, 'firm' | 'answers' | 'probability' | 'overrule'>): Level {
  if (firm) return 'secure'
  if (overrule?.verdict === 'not-firm') return 'not-yet'
  if (answers === 0) return 'not-met'
  if (answers < LEAST_FOR_A_LEVEL) return 'too-early'
  return probability >= GETTING_THERE_PROBABILITY ? 'getting-there' : 'not-yet'
}
