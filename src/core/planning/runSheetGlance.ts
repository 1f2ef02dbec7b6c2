import { activityOf, activityWords, materials } from '../activities'
import {
  bodyArea,
  FAINT,
  fitSize,
  type FlowBlock,
  INK,
  line,
  path,
  rectanglePath,
  type Shape,
  shortened,
  textAt,
  wrapText,
} from '../drawing'
import { listInWords, nameIn } from '../wording'
import type { TimedStep } from './fetch'
import { activitiesOf } from './rounds'
import { type RunSheetRequest, STAGE_COLOURS } from './runSheetStep'
import { iconOf } from './runSheetIcons'
import type { SessionRequest } from './request'
import { needsOf } from './toHand'

/*
 * The first page: the whole session at a glance, to be read at arm's length.
 *
 *  ┃ 9:40  Two halves, one time                 8 min
 *  ┃       □ cards, scissors
 *  ┃       “Which card belongs to this one?”
 */

/** Three weights of type, mm: the clock time, the name, the rest. */
const TIME = { size: 8, weight: 'bold' } as const
const NAME = { size: 5.6, weight: 'bold' } as const
const REST_MM = 4.2
/** Beside the clock time. */
const TEXT_X = 31
const ICON_X = 6
const MINUTES_WIDTH = 24
const BAR_MM = 2.4

interface Glance {
  readonly sheet: RunSheetRequest
  readonly request: SessionRequest
  readonly clock: (minute: number) => string
  /** How high the rows may be together, mm. */
  readonly room: number
}

/**
 * A row for each step. Where they are many, what is said takes fewer lines, and then none, so that all stand on the page;
 * where even that is too much, the last ones go over to the next.
 */
export function glanceRows(steps: readonly TimedStep[], glance: Glance): FlowBlock[] {
  const rowsWith = (sayLines: number) => steps.map((timed) => glanceRow(timed, glance, sayLines))
  const fits = (rows: readonly FlowBlock[]) => rows.reduce((sum, { height }) => sum + height, 0) <= glance.room
  return [3, 2, 1].map(rowsWith).find(fits) ?? rowsWith(0)
}

function glanceRow({ step, start }: TimedStep, { sheet, request, clock }: Glance, sayLines: number): FlowBlock {
  const { paper, wording } = sheet
  const activity = activityOf(step)
  const words = activityWords(activity, wording.language, step.rung)
  const width = bodyArea(paper).width
  const room = width - TEXT_X - ICON_X
  const [name = ''] = shortened(words.name, NAME, width - TEXT_X - MINUTES_WIDTH, 1)
  const things = [
    ...new Set(activitiesOf(step).flatMap((each) => needsOf(each, request.clock).map((need) => need.material))),
  ]
  const layOut = listInWords(
    things.map((id) => nameIn(wording, materials[id].name)),
    wording,
  )
  const fetched = things.length === 0 ? [] : wrapText(layOut, REST_MM, room)
  const said = sayLines === 0 ? [] : shortened(`“${words.say}”`, { size: REST_MM }, room, sayLines)
  const rows = [
    ...fetched.map((text, i) => ({ text, kind: i === 0 ? ('tick' as const) : undefined })),
    ...said.map((text, i) => ({ text, kind: i === 0 ? ('say' as const) : undefined })),
  ]
  const top = 9.6
  const lead = REST_MM * 1.35
  const height = top + rows.length * lead + 2.6
  const minutes = `${step.minutes} min`
  const shapes: Shape[] = [
    path(rectanglePath(0, 1, BAR_MM, height - 2), { fill: STAGE_COLOURS[activity.stage] }),
    textAt(
      clock(start),
      { x: BAR_MM + 2.5, y: 7.6 },
      { ...TIME, size: fitSize(clock(start), TIME.size, 25, 'bold'), fill: INK },
    ),
    textAt(name, { x: TEXT_X, y: 7.2 }, { ...NAME, fill: INK }),
    textAt(minutes, { x: width, y: 7.2 }, { size: REST_MM, anchor: 'end', fill: INK }),
    ...rows.flatMap(({ text, kind }, i): Shape[] => {
      const y = top + i * lead
      return [
        ...(kind ? [iconOf(kind, TEXT_X, y + 0.4)] : []),
        textAt(text, { x: TEXT_X + ICON_X, y: y + 3.8 }, { size: REST_MM, fill: INK }),
      ]
    }),
    line({ x: 0, y: height }, { x: width, y: height }, { stroke: FAINT, strokeMm: 0.2 }),
  ]
  return { height: height + 0.6, shapes }
}
