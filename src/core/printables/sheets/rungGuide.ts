import { type FlowBlock, flowPages, INK, makePage, paragraph, stack } from '../../drawing'
import { type Item, misreadings, rungOf, sayAnswer, wrongAnswers } from '../../teaching'
import { barText, nameIn, printedAs } from '../../wording'
import type { PrintOptions } from '../kit/choices'

/**
 * What each wrong answer means, for the adult: every misreading that shows in a question, by the answer it leads to.
 */
export function guide(items: readonly Item[], options: PrintOptions, footer: string) {
  const { paper, wording, rung } = options
  const heading = paragraph(
    paper,
    printedAs(
      '{0}: what a wrong answer means. Any other is a slip, or something new: ask how it was found.',
      wording,
      nameIn(wording, rungOf(rung).name),
    ),
    { size: 4.6, fill: INK },
  )
  const blocks = items.map((item, place): FlowBlock => {
    const meanings = meaningsOf(item, options).map(({ said, does }) =>
      paragraph(paper, `${said}: ${does}`, { size: 4, indent: 8 }),
    )
    return stack([
      paragraph(paper, `${place + 1}. ${sayAnswer(item, item.answer, wording)}`, {
        size: 4.6,
        weight: 'bold',
        above: 3,
      }),
      ...meanings,
    ])
  })
  return flowPages(paper, [heading, ...blocks]).map((body) =>
    makePage({
      paper,
      bar: barText(options.wording),
      title: printedAs('Marking guide', options.wording),
      footer,
      body,
    }),
  )
}

function meaningsOf(item: Item, { wording }: PrintOptions): { said: string; does: string }[] {
  const found = new Map<string, string[]>()
  for (const misreading of misreadings)
    for (const value of wrongAnswers(misreading, item)) {
      const said = sayAnswer(item, value, wording)
      found.set(said, [...(found.get(said) ?? []), nameIn(wording, misreading.does)])
    }
  return [...found].map(([said, does]) => ({ said, does: [...new Set(does)].join(printedAs('; or ', wording)) }))
}
