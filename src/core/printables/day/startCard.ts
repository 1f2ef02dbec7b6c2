import { type StartPlan, startOf } from '../../days'
import { type Drawing, INK, MOSS, type PaperId, type Shape, bodyArea, scaledShape } from '../../drawing'
import { JUMP_LINE, dialShapes, faceWithin, jumpLine } from '../../faces'
import { type Wording, languages, say, sayDuration } from '../../wording'
import { group } from '../../drawing'
import type { Cell } from '../kit/grid'
import type { PrintLooks } from '../kit/choices'
import { framedPage, part, rule } from '../kit/frame'
import { textFrom, wordsIn } from '../kit/wordLists'

/** The largest clocks of the card, and the clocks beside its steps, mm each way. */
const LARGE_MM = 34
const SMALL_MM = 13
/** More steps than these stand without clocks. */
const MOST_WITH_CLOCKS = 8

interface CardLook extends PrintLooks {
  readonly paper: PaperId
  readonly wording: Wording
}

/**
 * A card for the door: when to start, each step with its time, and the way back from the deadline in jumps.
 * Throws RefusedValue, which names the step, for a plan that cannot be worked out.
 */
export function startCard(plan: StartPlan, look: CardLook): Drawing {
  const { paper, wording } = look
  const { phrases } = languages[wording.language]
  const worked = startOf(plan)
  const area = bodyArea(paper)
  const clock = (minute: number) => say(minute, { ...wording, form: 'day-24' })
  const large = (minute: number, x: number, label: string, name: string): Shape =>
    part(name, [
      dialIn(minute, { x, y: area.y + LARGE_MM + 2, room: LARGE_MM }, look),
      ...wordsIn(label, { x, y: area.y + 2 * LARGE_MM + 10 }, { width: area.width / 2 - 8, most: 8, height: 14 }),
    ])
  const steps: Cell = { x: area.x, y: area.y + 2 * LARGE_MM + 24, width: area.width, height: 0 }
  const line = { ...steps, y: area.y + area.height - 44, height: 44 }
  const scale = area.width / JUMP_LINE.width
  const jumps = jumpLine(worked.start, plan.deadline, clock, { backwards: true, textMm: 6 }).shapes
  return framedPage(look, {
    title: `${phrases.doneBy} ${clock(plan.deadline)}: ${plan.what}`,
    footer: 'Ripe Acorn',
    body: [
      large(worked.start, area.x + area.width / 4, `${phrases.start} ${clock(worked.start)}`, 'start'),
      large(plan.deadline, area.x + (area.width * 3) / 4, `${plan.what} ${clock(plan.deadline)}`, 'deadline'),
      ...stepRows(plan, { ...steps, height: line.y - steps.y - 4 }, look),
      part(
        'jumps',
        jumps.map((shape) => scaledShape(shape, scale)),
        line.x,
        line.y,
      ),
    ],
  })
}

function stepRows(plan: StartPlan, area: Cell, look: CardLook): Shape[] {
  const { steps } = startOf(plan)
  const height = Math.min(2 * SMALL_MM + 3, area.height / (steps.length + 1))
  const hasClocks = steps.length <= MOST_WITH_CLOCKS && height >= 2 * SMALL_MM
  const clock = (minute: number) => say(minute, { ...look.wording, form: 'day-24' })
  const rows = steps.map((step, i) => {
    const y = area.y + (i + 0.5) * height
    return part(`step-${i}`, [
      ...(hasClocks ? [dialIn(step.from, { x: area.x + SMALL_MM + 2, y, room: SMALL_MM }, look)] : []),
      textFrom(clock(step.from), { x: area.x + 34, y: y + 2 }, { width: 26, most: 7, fill: INK }),
      textFrom(step.what, { x: area.x + 64, y: y + 2 }, { width: area.width - 104, most: 7, fill: INK }),
      textFrom(
        sayDuration(step.minutes),
        { x: area.x + area.width - 36, y: y + 2 },
        { width: 34, most: 6, fill: MOSS },
      ),
      rule(area.x, area.x + area.width, area.y + (i + 1) * height),
    ])
  })
  if (plan.buffer === 0) return rows
  const y = area.y + (steps.length + 0.5) * height
  const spare = `+ ${sayDuration(plan.buffer)}`
  return [
    ...rows,
    part('spare', [textFrom(spare, { x: area.x + area.width - 40, y: y + 2 }, { width: 38, most: 6, fill: MOSS })]),
  ]
}

function dialIn(minute: number, { x, y, room }: { x: number; y: number; room: number }, { lowInk }: CardLook): Shape {
  return group(dialShapes(minute, { radius: faceWithin(room), lowInk }), { part: 'dial', x, y })
}
