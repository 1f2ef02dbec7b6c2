import { told, type Told, asPart } from '../wording'
import type { ChildId } from '../ids'
import { type MisreadingId, type RungId, misreadingOf, rungOf } from '../teaching'
import type { Standing } from './readiness'

/** A child as a partner: what is known, what is worked on, what was found. */
export interface Partner {
  readonly id: ChildId
  readonly name: string
  readonly standing: Pick<Standing, 'firm' | 'working'>
  readonly findings: readonly MisreadingId[]
}

/** Children who do well to work together next time, and why. */
export interface Together {
  readonly kind: 'same-repair' | 'shows-the-other' | 'same-rung' | 'alone'
  readonly childIds: readonly ChildId[]
  readonly why: Told
}

const MOST_TOGETHER = 4

/** Which misreadings are shared: those of two or more, the most shared first. */
export function sharedRepairs(children: readonly Partner[]): { misreading: MisreadingId; childIds: ChildId[] }[] {
  const byId = new Map<MisreadingId, string[]>()
  for (const { id, findings } of children) for (const each of findings) byId.set(each, [...(byId.get(each) ?? []), id])
  return [...byId]
    .map(([misreading, childIds]) => ({ misreading, childIds }))
    .filter(({ childIds }) => childIds.length > 1)
    .sort((a, b) => b.childIds.length - a.childIds.length)
}

/**
 * Pairs and small groups for next time, each child in just one: first those who need the same repair, then
 * pairs in which one has firm what the other works on, then those on the same rung; the rest alone.
 */
export function suggestTogether(children: readonly Partner[]): Together[] {
  const left = new Map(children.map((child) => [child.id, child]))
  const made: Together[] = []
  const take = (kind: Together['kind'], members: readonly Partner[], why: Told) => {
    made.push({ kind, childIds: members.map(({ id }) => id), why })
    for (const { id } of members) left.delete(id)
  }
  for (const { misreading } of sharedRepairs(children)) {
    const members = [...left.values()].filter((child) => child.findings.includes(misreading)).slice(0, MOST_TOGETHER)
    if (members.length > 1)
      take(
        'same-repair',
        members,
        told('The same activity helps all of them: each {0}.', asPart(misreadingOf(misreading).does)),
      )
  }
  for (const learner of [...left.values()]) {
    const rung = learner.standing.working
    if (!left.has(learner.id) || !rung) continue
    const shower = [...left.values()].find((other) => other.id !== learner.id && other.standing.firm.includes(rung))
    if (shower)
      take(
        'shows-the-other',
        [shower, learner],
        told(
          '{0} has {1} secure and {2} is working on it: one sets the clock, the other says it.',
          shower.name,
          nameOf(rung),
          learner.name,
        ),
      )
  }
  for (const first of [...left.values()]) {
    if (!left.has(first.id)) continue
    const rung = first.standing.working
    const members = [...left.values()].filter((other) => other.standing.working === rung).slice(0, MOST_TOGETHER)
    if (members.length > 1)
      take(
        'same-rung',
        members,
        rung ? told('All are working on {0}.', nameOf(rung)) : told('For all of them every step is secure.'),
      )
    else
      take(
        'alone',
        [first],
        rung
          ? told('Nobody else is on {0} or past it: with the adult.', nameOf(rung))
          : told('Every step is secure: can show the others.'),
      )
  }
  return made
}

/**
 * Pairs among some children, each in just one: those who do well to work together, then whoever is left over, and three
 * together where one would be alone.
 */
export function suggestPairs(children: readonly Partner[]): ChildId[][] {
  const parts = suggestTogether(children).flatMap(({ childIds }) => inTwos(childIds))
  const twos = [
    ...parts.filter(({ length }) => length === 2),
    ...inTwos(parts.filter(({ length }) => length === 1).flat()),
  ]
  const [before, last] = twos.slice(-2)
  return before && last?.length === 1 ? [...twos.slice(0, -2), [...before, ...last]] : twos
}

function inTwos(ids: readonly ChildId[]): ChildId[][] {
  return Array.from({ length: Math.ceil(ids.length / 2) }, (_, i) => ids.slice(2 * i, 2 * i + 2))
}

const nameOf = (rung: RungId) => asPart(told('“{0}”', asPart(rungOf(rung).name)))
