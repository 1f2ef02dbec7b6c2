import { type Told } from '../../wording'
import type { HandAngles } from '../../clock'
import type { Item } from '../items'
import type { Value } from '../values'
import type { Mode } from '../ways'
import type { MisreadingId } from './ids'

/** What can be brought back on the dial to mend a misreading. */
export type RepairScaffold = 'ring-of-fives' | 'halves' | 'zones' | 'labels' | 'quarters' | 'arc'

/** What mends a misreading at the table. */
export interface Repair {
  /** What the adult can say. */
  readonly say: string
  /** Ids of activities in the catalogue, the best first. One of them can be done in each place, on each rung. */
  readonly activities: readonly string[]
  /** The scaffold to bring back on the dial. */
  readonly scaffold: RepairScaffold
}

/**
 * A function from the true time to the wrong answers it leads to. The same entry makes wrong choices,
 * explains a child's wrong answer, and picks the repair.
 */
export interface Misreading {
  readonly id: MisreadingId
  /** What the child does, with no subject: "takes the long hand for the hour". */
  readonly does: Told
  /** How common it is among beginners before any answer is seen: a probability. */
  readonly prior: number
  /** Where it can be held: in one of them, or in several. */
  readonly heldIn: readonly Mode[]
  readonly appliesTo: (item: Item) => boolean
  /** The wrong answers for the item's time; never the true one once `wrongAnswers` has sifted them. */
  readonly predict: (minute: number, item: Item) => Value[]
  /**
   * What a child who holds it in setting sets for the wanted time, where that differs from `predict`. A child who
   * sets as they read sets the clock that they themselves would read as the wanted time: the reverse of `predict`.
   */
  readonly sets?: (minute: number, item: Item) => Value[]
  /**
   * Where it does not say exactly where a hand is set: whether these hands are what it leaves, for the wanted time.
   * Asked only of hands that are not right and that nothing else explains exactly; `sets` has an example of them.
   */
  readonly leaves?: (minute: number, hands: HandAngles, item: Item) => boolean
  readonly repair: Repair
}
