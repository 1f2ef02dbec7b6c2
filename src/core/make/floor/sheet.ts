import { barText, nameIn, type Wording } from '../../wording'
import {
  bodyArea,
  type Drawing,
  FAINT,
  type FlowBlock,
  flowPages,
  group,
  makePage,
  paragraph,
  stack,
} from '../../drawing'
import { cautions, FOLLOW_LOCAL_RULES } from '../cautions'
import { groundOf, type Yard } from './yard'
import { measuresBlocks, table, tellingOf, walkingBlocks } from './telling'
import { yardPlan } from './plan'

/** The set-out sheet, in large type for reading outdoors: plan, lengths, order, table, hands, cautions. */
export function yardPages(yard: Yard, wording: Wording): Drawing[] {
  const { paper } = yard
  const { radiusMm } = groundOf(yard)
  const told = tellingOf(yard, wording)
  const { as, d, write } = told
  const bodies = flowPages(paper, [
    planBlock(yard),
    ...measuresBlocks(yard, radiusMm, told),
    table(paper, radiusMm, told),
    ...walkingBlocks(yard, radiusMm, told),
    stack([
      write.head(as('Mind')),
      write.big(nameIn(wording, cautions.outdoors)),
      write.big(nameIn(wording, cautions.movement)),
      paragraph(paper, nameIn(wording, FOLLOW_LOCAL_RULES), { size: 4, fill: FAINT, above: 1 }),
    ]),
  ])
  const title = as('Floor clock, radius {0}', d(radiusMm))
  return bodies.map((body, i) =>
    makePage({
      paper,
      title: as('{0} ({1} of {2})', title, i + 1, bodies.length),
      footer: `Ripe Acorn · ${as('set-out sheet')}`,
      bar: barText(wording),
      body,
    }),
  )
}

function planBlock(yard: Yard): FlowBlock {
  const { width, height } = bodyArea(yard.paper)
  const { drawing } = yardPlan(yard, width, height * 0.42)
  return {
    height: drawing.height + 3,
    shapes: [group(drawing.shapes, { part: 'plan', x: (width - drawing.width) / 2, y: 0 })],
  }
}
