import { type Told } from '../wording'
import { type MaterialId, materials } from '../activities'
import { type FetchRequest, fetchList } from './fetchList'
import type { SessionPlan } from './types'

/** A session that is shopped for. */
export interface ShoppedSession extends FetchRequest {
  readonly plan: SessionPlan
  /** How it is called in the list: "Herons, 2026-12-05". */
  readonly name: string
}

export interface ShoppingEntry {
  readonly material: MaterialId
  readonly name: Told
  readonly unit: Told
  /** Over all sessions: what is used up is added up, what is reused counts as often as one session needs it at most. */
  readonly needed: number
  /** In the cupboard; undefined where nobody counted it. */
  readonly have: number | undefined
  /** Still to get: what is needed and not there. Undefined where it is ticked as to hand and nobody counted it. */
  readonly get: number | undefined
  /** What does as well where it is not to be had. */
  readonly standIn: Told | undefined
  readonly for: readonly string[]
}

/** One list of what some sessions need together, with what is in the cupboard taken off. */
export function shoppingList(
  sessions: readonly ShoppedSession[],
  cupboard: Readonly<Partial<Record<MaterialId, number>>>,
): ShoppingEntry[] {
  const found = new Map<MaterialId, ShoppingEntry & { readonly isToHand: boolean }>()
  for (const session of sessions)
    for (const { material, name, unit, amount, toHand, standIn } of fetchList(session.plan, session)) {
      const before = found.get(material)
      const isReused = materials[material].reused
      found.set(material, {
        material,
        name,
        unit,
        needed: before ? (isReused ? Math.max(before.needed, amount) : before.needed + amount) : amount,
        have: cupboard[material],
        get: 0,
        standIn: before?.standIn ?? standIn,
        for: [...(before?.for ?? []), session.name],
        isToHand: toHand && (before?.isToHand ?? true),
      })
    }
  return [...found.values()]
    .map(({ isToHand, ...entry }) => {
      const get =
        entry.have === undefined ? (isToHand ? undefined : entry.needed) : Math.max(0, entry.needed - entry.have)
      return { ...entry, get }
    })
    .sort((a, b) => urgency(b) - urgency(a))
}

/** What is to get comes first, then what has to be counted. */
const urgency = ({ get }: Pick<ShoppingEntry, 'get'>): number => (get === undefined ? 1 : get > 0 ? 2 : 0)
