import { adultLanguage, said, saidAll } from '../../words/i18n'
import { dateInWords } from '../../words/adult'
import type { ChildId } from '../../core/ids'
import { type Overrule, findingInWords } from '../../core/knowing'
import { type AnswerChange, type Settings, wordingOf } from '../../core/records'
import { type Told, told } from '../../core/wording'
import { askInWords, rungOf, sayAnswer } from '../../core/teaching'
import type { Db } from '../connection'
import { type Doc, KIND_IDS, kinds } from '../keeping/kinds'
import { readKind } from '../keeping/docs'
import { childReport } from '../reports'
import { listAnswers, listChanges } from '../stores/answers'
import { listNotes, overrulesByChild } from '../stores/judgement'
import { getSettings } from '../stores/settings'
import { yesOrNo } from './table'

/* One child's records alone: as a page for a parent who asks, and as data. */

const escape = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;')

const day = (at: number) => dateInWords(new Date(at).toISOString().slice(0, 10), { year: true })

/** How an adult's judgement of a step is called. */
const JUDGED: Readonly<Record<Overrule['verdict'], Told>> = {
  firm: told('known'),
  'not-firm': told('not known yet'),
  supposed: told('supposed to be known'),
}

const CHANGED: Readonly<Record<AnswerChange['what'], Told>> = {
  corrected: told('corrected'),
  removed: told('removed'),
}

const table = (head: readonly Told[], rows: readonly (readonly string[])[]) =>
  rows.length === 0
    ? `<p>${escape(said('None.'))}</p>`
    : `<table><tr>${head.map((cell) => `<th>${escape(said(cell))}</th>`).join('')}</tr>${rows
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
  const parts: [Told, string][] = [
    [
      told('Who'),
      `<p>${escape([child.name, child.age === null ? '' : said('{0} years', child.age), ...report.groups].filter(Boolean).join(', '))}.</p>`,
    ],
    [told('What comes next'), `<p>${escape(said(readiness))}</p>`],
    [
      told('Where the child stands'),
      table(
        [told('Step'), told('Sure of it'), told('Answers'), told('Still missing')],
        rungs.map(({ rung, firm, answers, unmet }) => [
          said(rungOf(rung).name),
          said(firm ? 'yes' : 'not yet'),
          String(answers),
          saidAll(unmet).join('; '),
        ]),
      ),
    ],
    [
      told('The same mistake'),
      table(
        [told('Pattern')],
        diagnosis.findings.map((finding) => [said(findingInWords(finding))]),
      ),
    ],
    [
      told('What the adults judged'),
      table(
        [told('Step'), told('Judged'), told('Why'), told('Day')],
        overrules.map(({ rung, verdict, note, at }) => [said(rungOf(rung).name), said(JUDGED[verdict]), note, day(at)]),
      ),
    ],
    [
      told('Notes'),
      table(
        [told('Day'), told('Note')],
        (await listNotes(db, id)).map(({ at, text }) => [day(at), text]),
      ),
    ],
    [told('Answers'), await answersPart(db, id, settings)],
    [
      told('Changes of answers'),
      table(
        [told('Day'), told('What'), told('Why')],
        (await listChanges(db, id)).map(({ at, what, reason }) => [day(at), said(CHANGED[what]), reason]),
      ),
    ],
  ]
  const body = parts.map(([title, text]) => `<h2>${escape(said(title))}</h2>${text}`).join('')
  const title = escape(said('Records of {0}', child.name))
  const line = escape(said('All that Ripe Acorn keeps of this child on {0}.', day(now)))
  return `<!doctype html><html lang="${adultLanguage()}"><head><meta charset="utf-8"><title>${title}</title><style>${STYLE}</style></head><body><h1>${title}</h1><p>${line}</p>${body}</body></html>`
}

async function answersPart(db: Db, childId: ChildId, settings: Settings): Promise<string> {
  const wording = wordingOf(settings)
  return table(
    [told('Day'), told('Step'), told('Question'), told('True answer'), told('Answer'), told('Right'), told('Helped')],
    (await listAnswers(db, { childId })).map(({ at, item, given, right, helped }) => [
      day(at),
      said(rungOf(item.rung).name),
      askInWords(item, wording),
      sayAnswer(item, item.answer, wording),
      sayAnswer(item, given, wording),
      yesOrNo(right),
      yesOrNo(helped),
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
