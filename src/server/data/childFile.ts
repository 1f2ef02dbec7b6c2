import { said, saidAll } from '../../words/i18n'
import type { ChildId } from '../../core/ids'
import { findingInWords } from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import { askInWords, rungOf, sayAnswer } from '../../core/teaching'
import type { Db } from '../connection'
import { type Doc, KIND_IDS, kinds } from '../keeping/kinds'
import { readKind } from '../keeping/docs'
import { childReport } from '../reports'
import { listAnswers, listChanges } from '../stores/answers'
import { listNotes, overrulesByChild } from '../stores/judgement'
import { getSettings } from '../stores/settings'

/* One child's records alone: as a page for a parent who asks, and as data. */

const escape = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;')

const day = (at: number) => new Date(at).toISOString().slice(0, 10)

const table = (head: readonly string[], rows: readonly (readonly string[])[]) =>
  rows.length === 0
    ? '<p>None.</p>'
    : `<table><tr>${head.map((cell) => `<th>${escape(cell)}</th>`).join('')}</tr>${rows
        .map((row) => `<tr>${row.map((cell) => `<td>${escape(cell)}</td>`).join('')}</tr>`)
        .join('')}</table>`

const STYLE =
  'body{font:16px/1.5 sans-serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#2b2320}table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:4px 8px;border-bottom:1px solid #ccc}'

/** All that is kept of a child as one page without any script, to be read, printed or handed on. */
export async function childPage(db: Db, id: ChildId, now: number): Promise<string> {
  const report = await childReport(db, id, now)
  const settings = await getSettings(db)
  const { child, standing, readiness, diagnosis } = report
  const rungs = [...standing.estimates, ...standing.beside].filter(({ answers }) => answers > 0)
  const overrules = (await overrulesByChild(db)).get(id) ?? []
  const parts: [string, string][] = [
    [
      'Who',
      `<p>${escape([child.name, child.age === null ? '' : `${child.age} years`, ...report.groups].filter(Boolean).join(', '))}.</p>`,
    ],
    ['What comes next', `<p>${escape(said(readiness))}</p>`],
    [
      'Where the child stands',
      table(
        ['Step', 'Sure of it', 'Answers', 'Still missing'],
        rungs.map(({ rung, firm, answers, unmet }) => [
          said(rungOf(rung).name),
          firm ? said('yes') : said('not yet'),
          String(answers),
          saidAll(unmet).join('; '),
        ]),
      ),
    ],
    [
      'The same mistake',
      table(
        ['Pattern'],
        diagnosis.findings.map((finding) => [said(findingInWords(finding))]),
      ),
    ],
    [
      'What the adults judged',
      table(
        ['Step', 'Judged', 'Why', 'Day'],
        overrules.map(({ rung, verdict, note, at }) => [said(rungOf(rung).name), verdict, note, day(at)]),
      ),
    ],
    [
      'Notes',
      table(
        ['Day', 'Note'],
        (await listNotes(db, id)).map(({ at, text }) => [day(at), text]),
      ),
    ],
    ['Answers', await answersPart(db, id, settings)],
    [
      'Changes of answers',
      table(
        ['Day', 'What', 'Why'],
        (await listChanges(db, id)).map(({ at, what, reason }) => [day(at), what, reason]),
      ),
    ],
  ]
  const body = parts.map(([title, text]) => `<h2>${title}</h2>${text}`).join('')
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Records of ${escape(child.name)}</title><style>${STYLE}</style></head><body><h1>Records of ${escape(child.name)}</h1><p>All that Ripe Acorn keeps of this child on ${day(now)}.</p>${body}</body></html>`
}

async function answersPart(db: Db, childId: ChildId, settings: Settings): Promise<string> {
  const wording = wordingOf(settings)
  return table(
    ['Day', 'Step', 'Question', 'True answer', 'Answer', 'Right', 'Helped'],
    (await listAnswers(db, { childId })).map(({ at, item, given, right, helped }) => [
      day(at),
      said(rungOf(item.rung).name),
      askInWords(item, wording),
      sayAnswer(item, item.answer, wording),
      sayAnswer(item, given, wording),
      right ? 'yes' : 'no',
      helped ? 'yes' : 'no',
    ]),
  )
}

/**
 * All that is kept of a child as data: the child and every row that is the child's, in the shape of the workspace file.
 */
export async function childData(db: Db, id: ChildId, now: number): Promise<Doc> {
  const report = await childReport(db, id, now)
  const own: Record<string, readonly Doc[]> = {}
  for (const kind of KIND_IDS.map((each) => kinds[each])) {
    if (kind.id === 'children') own.children = (await readKind(db, kind, { id })).docs
    const column = Object.entries(kind.refers).find(([, to]) => to === 'children')?.[0]
    if (column) own[kind.id] = (await readKind(db, kind, { [column]: id })).docs
  }
  const { standing, diagnosis, groups } = report
  return {
    format: 'ripe-acorn-child',
    formatVersion: 1,
    madeAt: new Date(now).toISOString(),
    groups,
    things: own,
    standing,
    diagnosis,
  }
}
