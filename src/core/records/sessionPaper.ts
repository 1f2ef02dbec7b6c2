import { placeNames } from '../activities'
import { type Drawing, greyed } from '../drawing'
import { RefusedValue } from '../errors'
import { fingerprint } from '../fingerprint'
import { yardPages } from '../make'
import { type PaperWay, runSheetPages, runSheetText, sessionPrints, usualWay } from '../planning'
import { printedAs, writeDate, told, asPart } from '../wording'
import { requestOf, type SessionContext } from './sessions'
import { looksOf, wordingOf } from './settings'

/** How a session is printed: the pages that are wanted of all, and the ink, besides how they are put on paper. */
export interface SessionPaperWish extends PaperWay {
  readonly lowInk: boolean
}

/** The wish that is offered first: as is usual for so many children, and the ink of the house rules. */
export function usualPaper({ children, settings }: SessionContext): SessionPaperWish {
  return { ...usualWay(children.length), lowInk: settings.lowInk }
}

/** All that a session prints, in the order of its pages. */
export interface SessionPaper {
  readonly pages: readonly Drawing[]
  /** What the pages are, a line each, in the group's language. */
  readonly contents: readonly { readonly title: string; readonly pages: number }[]
  /** Another sign where other questions, children or pages come: parts that fit together have the same. */
  readonly mark: string
}

/** A session as a run sheet in Markdown. Throws RefusedValue for a group without children. */
export function sessionText(context: SessionContext): string {
  const { request, sheet } = partsOf(context, usualPaper(context))
  return runSheetText(context.session.plan, request, sheet)
}

/**
 * All pages of a session: the run sheet, what the children get, the answers; or only what some children get. Throws
 * RefusedValue for a group without children, and for children of whom none is in it.
 */
export function sessionPaper(context: SessionContext, wish = usualPaper(context)): SessionPaper {
  const { request, sheet, prints, setOut } = partsOf(context, wish)
  const isForAll = wish.childIds === undefined
  const runSheet = isForAll ? runSheetPages(context.session.plan, request, sheet) : []
  const runSheetLine = isForAll
    ? [{ title: printedAs('Session plan, for you', sheet.wording), pages: runSheet.length }]
    : []
  const contents = [...runSheetLine, ...sheet.prints]
  const made = madeFrom(context)
  const pages = [...runSheet, ...setOut, ...prints.pages, ...prints.keys]
  return {
    pages: context.settings.grey ? pages.map(greyed) : pages,
    contents,
    mark: fingerprint(
      JSON.stringify([runSheetText(context.session.plan, request, sheet), contents, prints.items, made]),
    ),
  }
}

/** What the pages are drawn from besides the plan: the paper, and what was made elsewhere, as it is now. */
function madeFrom({ settings, recipe, yard, prints }: SessionContext) {
  const kept = [recipe, yard, ...prints].flatMap((each) => (each ? [[each.id, each.version]] : []))
  return [settings.paper, kept]
}

function partsOf(context: SessionContext, wish: SessionPaperWish) {
  const { session, group, settings, recipe, yard, prints: kept } = context
  const request = requestOf(context)
  if (request.children.length === 0)
    throw new RefusedValue(told('groupId'), told('a group with at least one child to print for'), group.name)
  if (wish.childIds && !request.children.some(({ id }) => wish.childIds?.includes(id)))
    throw new RefusedValue(told('for'), told('at least one child of {0}', group.name), asPart(told('none of them')))
  const wording = wordingOf(settings)
  const { paper } = settings
  const prints = sessionPrints(
    session.plan,
    request,
    { paper, wording, ...looksOf(settings), lowInk: wish.lowInk, way: wish, recipe: recipe?.body, kept },
    session.seed,
  )
  const setOut = yard && wish.childIds === undefined ? yardPages(yard.body, wording) : []
  const yardLine = yard ? [{ title: printedAs('Set-out sheet, {0}', wording, yard.name), pages: setOut.length }] : []
  const keyLine = { title: printedAs('Answers, at the end', wording), pages: prints.keys.length }
  const sheet = {
    title: `${group.name}, ${writeDate(session.date, wording.language)}`,
    paper,
    wording,
    placeName: placeNames[session.place],
    prints: [...yardLine, ...prints.contents, keyLine].filter(({ pages }) => pages > 0),
  }
  return { request, sheet, prints, setOut }
}
