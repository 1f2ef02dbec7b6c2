import { told, type Told } from '../wording'
import { RefusedValue } from '../errors'
import { circle, group, line, path, textAt } from './builders'
import { type Drawing, FAINT, GOLD, INK, MOSS, OAK, type Point, rectanglePath, type Shape, SLATE } from './model'
import { fitSize, shortened } from './wrap'
import { printable, textWidth } from './text'

export type PaperId = 'a4' | 'letter' | 'a3' | 'legal' | 'tabloid'

/** Sheets held upright, in mm. */
export const papers: Record<PaperId, { name: Told; width: number; height: number }> = {
  a4: { name: told('A4'), width: 210, height: 297 },
  letter: { name: told('Letter'), width: 215.9, height: 279.4 },
  a3: { name: told('A3'), width: 297, height: 420 },
  legal: { name: told('Legal'), width: 215.9, height: 355.6 },
  tabloid: { name: told('Tabloid'), width: 279.4, height: 431.8 },
}

export type HalfId = 'a5' | 'half-letter'
/** What a page can be drawn for: a sheet of paper, or half of one. */
export type SheetId = PaperId | HalfId

/** Half sheets held upright, in mm: two of them lie side by side on one sheet held across. */
const halves: Record<HalfId, { name: Told; width: number; height: number }> = {
  a5: { name: told('A5'), width: 148, height: 210 },
  'half-letter': { name: told('half a Letter sheet'), width: 139.7, height: 215.9 },
}

/** Half of a sheet, where there is one that is still large enough to be read. */
const HALF_OF: Partial<Record<PaperId, SheetId>> = { a4: 'a5', letter: 'half-letter', a3: 'a4', tabloid: 'letter' }

/** What half of a sheet of this paper is; undefined where it is too small, or not the shape of a page. */
export function halfOf(paper: PaperId): SheetId | undefined {
  return HALF_OF[paper]
}

export function isHalf(paper: string): paper is HalfId {
  return Object.hasOwn(halves, paper)
}

/** No printer we know of fails to print inside this margin. */
export const SAFE_MARGIN_MM = 10
export const CHECK_BAR_MM = 100

/*
 *  ┌──────────────────────────────┐
 *  │ title            name ______ │  HEAD_MM, below the margin
 *  │ ┌──────────────────────────┐ │
 *  │ │        bodyArea          │ │
 *  │ └──────────────────────────┘ │
 *  │ |——— 100 mm ———|      footer │  FOOT_MM, above the margin
 *  └──────────────────────────────┘
 */
const HEAD_MM = 14
const TITLE_MM = 6.5
/** What rounding of the size of a text may add to its width. */
const ROUNDING_MM = 0.05
const LEAST_TITLE_MM = 3.8
const LEAST_NAME_MM = 3.2
const FOOT_MM = 12

export interface Area {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The part of a page between head and foot, inside the margins. */
export function bodyArea(paper: SheetId): Area {
  const { width, height } = paperOf(paper)
  return {
    x: SAFE_MARGIN_MM,
    y: SAFE_MARGIN_MM + HEAD_MM,
    width: width - 2 * SAFE_MARGIN_MM,
    height: height - 2 * SAFE_MARGIN_MM - HEAD_MM - FOOT_MM,
  }
}

export function paperOf(paper: SheetId): { name: Told; width: number; height: number } {
  const found = isHalf(paper) ? halves[paper] : papers[paper]
  if (!found) throw new RefusedValue(told('paper'), told('one of {0}', Object.keys(papers).join(', ')), paper)
  return found
}

/** How a page looks besides what stands on it. */
export interface PageDress {
  /** A coloured head, with the sixty minutes as beads under it and above the foot; otherwise plain. */
  readonly isWorkshop?: boolean
  /** The coloured parts as outlines. */
  readonly lowInk?: boolean
  /** Beside the name, or at the end of the head: drawn about its middle, `HEAD_PICTURE_MM` wide and high. */
  readonly picture?: Shape
}

export interface PageRequest {
  readonly paper: SheetId
  readonly title: string
  /** Printed in the foot: what made the page, so that it can be made again. */
  readonly footer: string
  /** What stands at the bar, if not in English. */
  readonly bar?: string
  /** `line`: a rule to write a name on; a text: the name itself, set on it. */
  readonly name?: { readonly line: true; readonly text?: string; readonly label?: string }
  readonly dress?: PageDress
  readonly body: readonly Shape[]
}

/**
 * A page with its head, its foot and the 100 mm bar that shows whether it came out at true size. Half a sheet has no
 * room for the bar, and a shorter line for the name.
 */
export function makePage({ paper, title, footer, bar = BAR_TEXT, name, body, dress = {} }: PageRequest): Drawing {
  const { width, height } = paperOf(paper)
  return {
    width,
    height,
    title,
    shapes: [
      ...(dress.isWorkshop ? workshopShapes({ width, height }, dress) : []),
      ...head({ paper, title, name, dress }),
      ...body,
      ...(isHalf(paper) ? [footText(footer, SAFE_MARGIN_MM, paperOf(paper))] : foot(width, height, { footer, bar })),
    ],
  }
}

/** How far the head's text stands from the ends of its band, mm. */
const IN_BAND_MM = 3
/** The picture in the head of a page, mm wide and high. */
export const HEAD_PICTURE_MM = 11

/** The title, then the picture and the line for the name, from the right. */
function head({ paper, title, name, dress = {} }: Pick<PageRequest, 'paper' | 'title' | 'name' | 'dress'>): Shape[] {
  const inset = SAFE_MARGIN_MM + (dress.isWorkshop ? IN_BAND_MM : 0)
  const nameWidth = isHalf(paper) ? 52 : 62
  const shapes: Shape[] = []
  let right = paperOf(paper).width - inset
  if (name) {
    right -= nameWidth
    shapes.push(...nameLine({ x: right, y: SAFE_MARGIN_MM + 7 }, nameWidth, name))
    right -= dress.picture ? 2 : 6
  }
  if (dress.picture) {
    right -= HEAD_PICTURE_MM
    const at = { x: right + HEAD_PICTURE_MM / 2, y: SAFE_MARGIN_MM + BAND_MM / 2 }
    shapes.push(group([dress.picture], { part: 'head-picture', ...at }))
    right -= 3
  }
  return [...titleShapes(printable(title), inset, right - inset), ...shapes]
}

const BAND_MM = 11.5
const BAND_FILL = '#F6E7C8'
/** From the middle of the beads to the body. */
const BEADS_FROM_BODY_MM = 1.2
const MINUTES_OF_BEADS = 60
const BEAD_FILLS = [OAK, GOLD, MOSS, SLATE] as const

/** A band behind the head, and the minutes of an hour as beads under it and above the foot, each fifth one larger. */
function workshopShapes({ width, height }: { width: number; height: number }, { lowInk }: PageDress): Shape[] {
  const across = width - 2 * SAFE_MARGIN_MM
  const look = lowInk ? { fill: 'none', stroke: INK, strokeMm: 0.3 } : { fill: BAND_FILL }
  const band = path(rectanglePath(SAFE_MARGIN_MM, SAFE_MARGIN_MM, across, BAND_MM), look)
  const beads = (y: number) =>
    Array.from({ length: MINUTES_OF_BEADS }, (_, minute) => {
      const isFifth = minute % 5 === 0
      const at = { x: SAFE_MARGIN_MM + ((minute + 0.5) * across) / MINUTES_OF_BEADS, y }
      const fill = isFifth ? (BEAD_FILLS[(minute / 5) % BEAD_FILLS.length] ?? INK) : FAINT
      return circle(at, isFifth ? 0.9 : 0.45, lowInk ? { fill: 'none', stroke: INK, strokeMm: 0.2 } : { fill })
    })
  return [
    group(
      [
        band,
        ...beads(SAFE_MARGIN_MM + HEAD_MM - BEADS_FROM_BODY_MM),
        ...beads(height - SAFE_MARGIN_MM - FOOT_MM + BEADS_FROM_BODY_MM),
      ],
      { part: 'workshop' },
    ),
  ]
}

/**
 * On one line as large as it fits, never smaller than can be read: a longer one takes a second line, and is cut there.
 */
function titleShapes(title: string, x: number, width: number): Shape[] {
  const size = fitSize(title, TITLE_MM, width - ROUNDING_MM, 'bold')
  const isOne = size >= LEAST_TITLE_MM
  const lines = isOne ? [title] : shortened(title, { size: LEAST_TITLE_MM, weight: 'bold' }, width, 2)
  return lines.map((text, i) =>
    textAt(
      text,
      { x, y: SAFE_MARGIN_MM + (isOne ? 7 : 5.2 + i * LEAST_TITLE_MM * 1.3) },
      { size: isOne ? size : LEAST_TITLE_MM, weight: 'bold', fill: INK },
    ),
  )
}

function nameLine(
  { x, y }: Point,
  width: number,
  { text, label: said = 'Name' }: NonNullable<PageRequest['name']>,
): Shape[] {
  const start = x + Math.max(14, textWidth(said, 4.2) + 3)
  const rule: Shape = line({ x: start, y: y + 1 }, { x: x + width, y: y + 1 }, { stroke: INK, strokeMm: 0.3 })
  const label: Shape = textAt(said, { x, y }, { size: 4.2, fill: INK })
  const known = text === undefined ? '' : printable(text)
  if (known === '') return [rule, label]
  const room = x + width - start - 3
  const size = Math.max(LEAST_NAME_MM, fitSize(known, 5, room))
  const [shown = known] = shortened(known, { size }, room + 0.01, 1)
  return [rule, label, textAt(shown, { x: start + 2, y }, { size, fill: INK })]
}

const BAR_TEXT = 'This bar is 100 mm when printed at 100 %'

function foot(
  width: number,
  height: number,
  { footer, bar: barText }: Pick<Required<PageRequest>, 'footer' | 'bar'>,
): Shape[] {
  const y = height - SAFE_MARGIN_MM - 2
  const tick = (x: number): Shape => line({ x, y: -1.5 }, { x, y: 1.5 }, { stroke: INK, strokeMm: 0.2 })
  const bar: Shape = group(
    [
      line({ x: 0, y: 0 }, { x: CHECK_BAR_MM, y: 0 }, { stroke: INK, strokeMm: 0.2 }),
      tick(0),
      tick(CHECK_BAR_MM / 2),
      tick(CHECK_BAR_MM),
      textAt(printable(barText), { x: 2, y: -1.6 }, { size: 2.8, fill: INK }),
    ],
    { part: 'check-bar', x: SAFE_MARGIN_MM, y },
  )
  return [bar, footText(footer, SAFE_MARGIN_MM + CHECK_BAR_MM + 5, { width, height })]
}

/** What made the page, at the right of its foot. */
function footText(footer: string, left: number, { width, height }: { width: number; height: number }): Shape {
  const text = printable(footer)
  const right = width - SAFE_MARGIN_MM
  const size = fitSize(text, 2.8, right - left)
  return textAt(text, { x: right, y: height - SAFE_MARGIN_MM - 1 }, { size, anchor: 'end', fill: FAINT })
}
