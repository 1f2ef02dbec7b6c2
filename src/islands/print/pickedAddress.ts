import { type PaperId, papers } from '../../core/drawing'
import { ANSWER_WAY_IDS, type AnswerWay } from '../../core/planning'
import {
  type OptionId,
  PRINT_OPTIONS,
  type PrintableId,
  type PrintChoices,
  printableOf,
  printables,
} from '../../core/printables'
import { type RungId, rungs } from '../../core/teaching'
import { putInAddress } from '../../ui/address'

/** What was picked: everything else of a print follows from it, the house rules and the seed. */
export interface Picked {
  readonly id: PrintableId
  readonly rung: RungId
  /** Null: as many as is usual. */
  readonly count: number | null
  /** From the table of options, as it was typed; what another printable takes waits until that one is picked. */
  readonly choices: PrintChoices
  readonly copies: number
  readonly answersOnPaper: AnswerWay
  /** Null: as the house rules have it. */
  readonly paper: PaperId | null
  readonly seed: number
}

export const FIRST: Picked = {
  id: 'read-dials',
  rung: 'half',
  count: null,
  choices: {},
  copies: 1,
  answersOnPaper: 'whole',
  paper: null,
  seed: 1,
}
export const MOST_SEED = 999_999
const MOST_COPIES = 30

export const ALL = Object.values(printables)
const PAPERS = Object.keys(papers) as PaperId[]

/** The picked rung, or the first that suits the printable. */
export function rungOn({ id, rung }: Pick<Picked, 'id' | 'rung'>): RungId {
  const { suits } = printableOf(id)
  return suits(rung) ? rung : (rungs.find((each) => suits(each.id))?.id ?? rung)
}

function wholeOf(text: string | null, most: number): number | undefined {
  const value = Number(text ?? NaN)
  return Number.isInteger(value) && value >= 1 && value <= most ? value : undefined
}

/**
 * What the address asks for, as far as there is such a thing, and else the usual first one. The server has looked at the
 * options, which are JSON.
 */
export function pickedIn(address: URLSearchParams): Picked {
  const id = ALL.find((each) => each.id === address.get('printable'))?.id ?? FIRST.id
  const rung = rungs.find((each) => each.id === address.get('rung'))?.id ?? FIRST.rung
  return {
    id,
    rung: rungOn({ id, rung }),
    count: wholeOf(address.get('count'), 1000) ?? null,
    choices: JSON.parse(address.get('with') ?? '{}') as PrintChoices,
    copies: wholeOf(address.get('copies'), MOST_COPIES) ?? FIRST.copies,
    answersOnPaper: ANSWER_WAY_IDS.find((way) => way === address.get('answers')) ?? FIRST.answersOnPaper,
    paper: PAPERS.find((paper) => paper === address.get('paper')) ?? null,
    seed: wholeOf(address.get('seed'), MOST_SEED) ?? FIRST.seed,
  }
}

/** What is picked from a list, which Back goes back over; all else is typed, or drawn by chance. */
const PICKED_FROM_A_LIST: readonly (keyof Picked)[] = ['id', 'rung', 'paper', 'answersOnPaper']

function isPickedFromAList(changed: Partial<Picked>, { choices }: Picked): boolean {
  const ids = (Object.keys(changed.choices ?? {}) as OptionId[]).filter((id) => changed.choices?.[id] !== choices[id])
  const isChoice = (id: OptionId) => ['choice', 'level', 'flag'].includes(PRINT_OPTIONS[id].type)
  return PICKED_FROM_A_LIST.some((field) => field in changed) || (ids.length > 0 && ids.every(isChoice))
}

/** Puts what was picked into the address; a print that was saved is no longer the one that is shown. */
export function putPicked(next: Picked, changed: Partial<Picked>, before: Picked) {
  const { id, rung, count, choices, copies, answersOnPaper, paper, seed } = next
  const text = (value: number | string | null, usual: number | string | null) =>
    value === usual ? null : String(value)
  putInAddress(
    {
      printable: id,
      rung,
      count: text(count, null),
      with: text(JSON.stringify(choices), '{}'),
      copies: text(copies, FIRST.copies),
      answers: text(answersOnPaper, FIRST.answersOnPaper),
      paper: text(paper, null),
      seed: text(seed, FIRST.seed),
      saved: null,
    },
    isPickedFromAList(changed, before) ? 'push' : 'replace',
  )
}
