import { placeNames } from '../core/activities'
import type { Drawing } from '../core/drawing'
import { yardPages } from '../core/make'
import { runSheetPages, runSheetText, sessionPrints } from '../core/planning'
import { type SessionContext, requestOf, wordingOf } from '../core/records'
import { printedAs } from '../core/wording'
import { Problem } from './problem'

/** A session as a run sheet in Markdown. */
export function sessionText(context: SessionContext): string {
  const { request, sheet } = partsOf(context)
  return runSheetText(context.session.plan, request, sheet)
}

/** All pages of a session: the run sheet, what the children get, the keys. */
export function sessionPages(context: SessionContext): Drawing[] {
  const { request, sheet, prints, setOut } = partsOf(context)
  const runSheet = runSheetPages(context.session.plan, request, sheet)
  return [...runSheet, ...setOut, ...prints.pages, ...prints.keys]
}

function partsOf(context: SessionContext) {
  const { session, group, settings, recipe, yard, prints: kept } = context
  const request = requestOf(context)
  if (request.children.length === 0)
    throw new Problem(400, 'An empty group', {
      field: 'groupId',
      detail: `${group.name} has no children: there is nobody to print for.`,
    })
  const wording = wordingOf(settings)
  const { paper, lowInk } = settings
  const prints = sessionPrints(
    session.plan,
    request,
    { paper, wording, lowInk, recipe: recipe?.body, kept },
    session.seed,
  )
  const setOut = yard ? yardPages(yard.body, wording) : []
  const yardLine = yard ? [{ title: printedAs('Set-out sheet, {0}', wording, yard.name), pages: setOut.length }] : []
  const keyLine =
    prints.keys.length > 0 ? [{ title: printedAs('Keys, at the end', wording), pages: prints.keys.length }] : []
  const sheet = {
    title: `${group.name}, ${session.date}`,
    paper,
    wording,
    placeName: placeNames[session.place],
    prints: [...yardLine, ...prints.contents, ...keyLine],
  }
  return { request, sheet, prints, setOut }
}
