import { told, type Told } from '../wording'
import { type Answer } from './answers'
import { type MisreadingId, type RepairScaffold, type RungId, misreadingOf } from '../teaching'

/** A help on the dial that can be switched on and faded. */
export type ScaffoldId = RepairScaffold

/** What is faded first, unless another order is chosen: names and counts before the shapes that carry meaning. */
export const FADING_ORDER: readonly ScaffoldId[] = ['labels', 'arc', 'ring-of-fives', 'quarters', 'zones', 'halves']

export const SCAFFOLD_NAMES: Readonly<Record<ScaffoldId, Told>> = {
  labels: told('hand names'),
  arc: told('counted arc'),
  'ring-of-fives': told('ring of fives'),
  quarters: told('quarter folds'),
  zones: told('hour zone'),
  halves: told('past and to sides'),
}

export function isScaffoldId(id: string): id is ScaffoldId {
  return FADING_ORDER.includes(id as ScaffoldId)
}

export type ScaffoldAdvice =
  | { readonly does: 'fade' | 'bring-back'; readonly scaffold: ScaffoldId; readonly why: Told }
  | { readonly does: 'keep'; readonly why: Told }

/** One is faded after so many right answers running that had it. */
const RIGHT_TO_FADE = 4

/**
 * Which helps a child has on the dial at a rung, from the latest unaided answer, and what to do next:
 * one is faded at a time, and one that mends what was found is brought back.
 */
export function scaffoldsInUse(
  answers: readonly Answer[],
  rung: RungId,
  findings: readonly MisreadingId[],
  order: readonly ScaffoldId[] = FADING_ORDER,
): { inUse: readonly ScaffoldId[]; advice: ScaffoldAdvice } {
  const own = answers.filter((answer) => answer.item.rung === rung && !answer.helped).sort((a, b) => a.at - b.at)
  const inUse = (own[own.length - 1]?.scaffolds ?? []).filter(isScaffoldId)
  const last = own.slice(-RIGHT_TO_FADE)
  const wrong = last.filter((answer) => !answer.right).length
  const next = order.find((id) => inUse.includes(id))
  const mends = findings.map((id) => misreadingOf(id).repair.scaffold).find((id) => !inUse.includes(id))
  if (wrong >= 2 && mends)
    return {
      inUse,
      advice: { does: 'bring-back', scaffold: mends, why: told('{0} of the last {1} were wrong', wrong, last.length) },
    }
  const held = last.length === RIGHT_TO_FADE && last.every((answer) => answer.scaffolds?.includes(next ?? ''))
  if (next && held && wrong === 0)
    return {
      inUse,
      advice: { does: 'fade', scaffold: next, why: told('the last {0} with it were right', RIGHT_TO_FADE) },
    }
  return {
    inUse,
    advice: {
      does: 'keep',
      why: inUse.length === 0 ? told('none is in use') : told('not steady enough yet to take one away'),
    },
  }
}
