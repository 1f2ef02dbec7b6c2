import { ON_HALF } from '../printables/kit/sheetIds'
import type { Activity } from '../activities'
import { type Drawing, halfOf, type Shape, twoOnASheet } from '../drawing'
import { attempt } from '../errors'
import { leaningOn } from '../knowing'
import { countsOn, type Print, type Printable, type ChosenOptions } from '../printables'
import type { RungId } from '../teaching'
import { nameIn, printedAs } from '../wording'
import { answerPages } from './answerPages'
import { rungFor, workingRung } from './need'
import { CHILD_SEEDS_FROM, type PrintJob, optionsFor, printedBy, SEEDS_APART } from './printJobs'
import { usualWay } from './paperWay'
import type { PlanChild } from './request'

/* What is printed for each child, on the child's own rung, and how it is put on paper. */

/** One child's version of a printable. */
interface ChildSheet {
  readonly child: PlanChild
  readonly rung: RungId
  readonly seed: number
  readonly print: Print
  readonly isHalf: boolean
}

/** All children's versions of one printable, as pages to print. */
export interface ChildSheets {
  readonly title: string
  readonly pages: readonly Drawing[]
  readonly keys: readonly Drawing[]
  readonly prints: readonly Print[]
}

/** What each child of a job gets, a printable at a time. */
export function childSheets(wanted: readonly Activity[], job: PrintJob): ChildSheets[] {
  const { request, settings } = job
  const { answers, childIds, two } = settings.way ?? usualWay(request.children.length)
  return printedBy(wanted, 'a child').flatMap(({ printable, place }) => {
    const sheets = request.children.flatMap((child, i) =>
      childIds && !childIds.includes(child.id)
        ? []
        : [sheetFor({ printable, child, seed: job.seed + SEEDS_APART * place + CHILD_SEEDS_FROM + i, two }, job)],
    )
    if (sheets.length === 0) return []
    const made = sheets.map((sheet) => ({ ...sheet, printable, owner: sheet.child.name }))
    return [
      {
        title: titleOf(printable, sheets, job),
        pages: pagesOf(sheets, job),
        keys: answerPages(made, answers, { ...settings, order: request.school.order }),
        prints: sheets.map(({ print }) => print),
      },
    ]
  })
}

interface SheetWish {
  readonly printable: Printable
  readonly child: PlanChild
  readonly seed: number
  readonly two: boolean
}

function sheetFor({ printable, child, seed, two }: SheetWish, { request, settings }: PrintJob): ChildSheet {
  const rung = rungFor(printable, workingRung(child, request), request.school)
  const weights = leaningOn(child.findings.map(({ misreading }) => misreading))
  const options = optionsFor(printable, { rung, owner: child.name, picture: child.picture, weights }, settings)
  const half = two ? halfPrint(printable, options, seed) : undefined
  return { child, rung, seed, print: half ?? printable.make(options, seed), isHalf: half !== undefined }
}

/** No letter that a child reads is smaller, mm (em). */
const LEAST_LETTER_MM = 2.4
/** So many questions fewer than usual are still enough on half a sheet. */
const MOST_FEWER = 1

/**
 * A print drawn for half a sheet, with a question fewer where all would be too small; undefined where it takes more
 * pages there than on a whole one, or has letters too small for a child.
 */
function halfPrint(printable: Printable, options: ChosenOptions, seed: number): Print | undefined {
  const paper = halfOf(options.paper)
  if (!paper || !ON_HALF.includes(printable.id)) return undefined
  const { least } = countsOn(printable, options.rung)
  for (let count = options.count; count >= Math.max(least, options.count - MOST_FEWER); count--) {
    const { value } = attempt(() => printable.make({ ...options, paper, count }, seed))
    if (value && value.pages.length === 1 && value.pages.every(({ shapes }) => canBeRead(shapes))) return value
  }
  return undefined
}

/** Whether all letters within the groups of a page are large enough. Its foot, which is for the adult, is in none. */
function canBeRead(shapes: readonly Shape[], isInside = false): boolean {
  return shapes.every((shape) => {
    if (shape.type === 'group') return canBeRead(shape.shapes, true)
    return shape.type !== 'text' || !isInside || shape.size >= LEAST_LETTER_MM - 1e-6
  })
}

function titleOf(printable: Printable, sheets: readonly ChildSheet[], { settings: { wording } }: PrintJob): string {
  const name = nameIn(wording, printable.name)
  const [only, ...others] = sheets
  return only && others.length === 0
    ? printedAs('{0}, for {1}', wording, name, only.child.name)
    : printedAs('{0}, one a child', wording, name)
}

function pagesOf(sheets: readonly ChildSheet[], { settings: { paper } }: PrintJob): Drawing[] {
  const whole = sheets.filter(({ isHalf }) => !isHalf)
  const half = sheets.filter(({ isHalf }) => isHalf)
  return [
    ...whole.flatMap(({ print }) => print.pages),
    ...twoOnASheet(
      half.flatMap(({ print }) => print.pages),
      paper,
    ),
  ]
}
