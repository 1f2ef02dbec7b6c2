import type { PlainDate } from '../clock'
import { type Drawing, MOSS, type PaperId, flowPages, paragraph, printable, stack } from '../drawing'
import { framedPage, type PrintLooks } from '../printables'
import { type RungId, type School, pathOf } from '../teaching'
import { type Wording, printedAs, sayDate } from '../wording'
import { CAN_DO } from './activityNotes'

/** What a child has reached, for the setting's own files. */
export interface ChildObjectives {
  readonly name: string
  readonly age: number | null
  /** What is firm, with the day since when: by the answers, or by the adult's own judgement. */
  readonly met: readonly { readonly rung: RungId; readonly since: PlainDate; readonly judged: boolean }[]
  readonly working: RungId | undefined
}

export interface ObjectivesWish extends PrintLooks {
  readonly title: string
  readonly on: PlainDate
  readonly paper: PaperId
  readonly wording: Wording
  readonly school: Pick<School, 'order'>
}

/**
 * The objectives that each child of a group has met, and since when, in the group's language; in the order of the
 * rungs.
 */
export function objectivesPages(children: readonly ChildObjectives[], wish: ObjectivesWish): Drawing[] {
  const { title, on, paper, wording, school } = wish
  const path = pathOf(school)
  const dated = (day: PlainDate) => sayDate(day, wording.language, { year: true })
  const line = (text: string) => paragraph(paper, text, { size: 4.2, indent: 4, above: 0.6 })
  const blocks = children.map(({ name, age, met, working }) => {
    const who = printable(age === null ? name : printedAs('{0}, aged {1}', wording, name, age))
    const lines = [...met]
      .sort((a, b) => path.indexOf(a.rung) - path.indexOf(b.rung))
      .map(({ rung, since, judged }) => {
        const can = printedAs(CAN_DO[rung], wording)
        return judged
          ? printedAs('{0} (as the adult judged, {1})', wording, can, dated(since))
          : printedAs('{0} (since {1})', wording, can, dated(since))
      })
    return stack([
      paragraph(paper, who, { size: 5, weight: 'bold', above: 3, fill: MOSS }),
      ...(lines.length > 0
        ? lines.map((text) => line(`–  ${text}`))
        : [line(printedAs('Nothing is secure yet.', wording))]),
      ...(working ? [line(printedAs('Working on: {0}', wording, printedAs(CAN_DO[working], wording)))] : []),
    ])
  })
  const first = paragraph(paper, printedAs('On {0}', wording, dated(on)), { size: 4.2 })
  return flowPages(paper, [first, ...blocks]).map((body) =>
    framedPage(wish, {
      title: printedAs('Objectives met: {0}', wording, printable(title)),
      footer: `Ripe Acorn · ${printedAs('objectives met', wording)}`,
      body,
    }),
  )
}
