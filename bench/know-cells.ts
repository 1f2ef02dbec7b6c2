import { diagnose } from '../src/core/knowing'
import { type MisreadingId, misreadings, rungs } from '../src/core/teaching'
import { type Kind, KINDS, chosenAnswers, firstFinding, kindsOf, rungsWhere } from './children'

/* How often the right misreading is named, for every misreading, place where it is held, and rung where it shows. */

export interface Cell {
  readonly id: MisreadingId
  readonly kind: Kind
  readonly children: number
  /** Shares named, alone or as one of a pair, after so many answers. */
  readonly after8: number
  readonly after12: number
  /** By rung, after 12. */
  readonly rungs: readonly string[]
}

const STRENGTH = 0.7
const SLIP = 0.05
const percent = (share: number) => Math.round(100 * share)

function measureCell(id: MisreadingId, kind: Kind, childrenEach: number): Cell {
  const child = { id, kind, strength: STRENGTH, slip: SLIP }
  const shownOn = rungsWhere(id, kind)
  const named = shownOn.map((rung) => {
    const checks = Array.from({ length: childrenEach }, (_, i) => chosenAnswers(child, rung, 31 * i + 5, 12))
    const share = (count: number) =>
      checks.filter((answers) => {
        const finding = firstFinding(answers, count)
        return finding?.misreading === id || finding?.or === id
      }).length / childrenEach
    return { rung, after8: share(8), after12: share(12) }
  })
  const mean = (of: (each: (typeof named)[number]) => number) =>
    named.reduce((sum, each) => sum + of(each), 0) / named.length
  return {
    id,
    kind,
    children: named.length * childrenEach,
    after8: mean(({ after8 }) => after8),
    after12: mean(({ after12 }) => after12),
    rungs: named.map(({ rung, after12 }) => `${rung} ${percent(after12)}`),
  }
}

/** Every cell, worst first. */
export function measureCells(childrenEach: number): Cell[] {
  return misreadings
    .flatMap(({ id }) => kindsOf(id).map((kind) => measureCell(id, kind, childrenEach)))
    .sort((a, b) => a.after12 - b.after12)
}

/** The share of children with slips alone of whom anything is said after 12 answers, over all rungs. */
export function falseShare(slip: number, childrenEach: number): number {
  const checks = rungs.flatMap(({ id }) =>
    Array.from({ length: childrenEach }, (_, i) =>
      chosenAnswers({ kind: 'everywhere', strength: 0, slip }, id, 17 * i + 3, 12),
    ),
  )
  return checks.filter((answers) => diagnose(answers).findings.length > 0).length / checks.length
}

/** The table as lines: every cell, the mean of each kind, and the worst misreading over its kinds. */
export function tableOf(cells: readonly Cell[]): string[] {
  const mean = (of: readonly Cell[], count: 'after8' | 'after12') =>
    percent(of.reduce((sum, cell) => sum + cell[count], 0) / of.length)
  const lines = cells.map(
    ({ id, kind, children, after8, after12, rungs: each }) =>
      `  ${id.padEnd(19)} ${kind.padEnd(8)} ${String(percent(after8)).padStart(3)} ${String(percent(after12)).padStart(3)}  (${children}: ${each.join(', ')})`,
  )
  const kinds = KINDS.map((kind) => {
    const of = cells.filter((cell) => cell.kind === kind)
    return `  mean of ${kind}: after 8 answers ${mean(of, 'after8')} %, after 12 ${mean(of, 'after12')} %`
  })
  const worst = misreadings
    .map(({ id }) => ({
      id,
      share: mean(
        cells.filter((cell) => cell.id === id),
        'after12',
      ),
    }))
    .sort((a, b) => a.share - b.share)
    .slice(0, 3)
  return [
    ...lines,
    ...kinds,
    `  lowest over all kinds, after 12: ${worst.map(({ id, share }) => `${id} ${share} %`).join(', ')}`,
  ]
}
