import { type Drawing, type Shape, bodyArea } from '../drawing'
import { HOUR_HAND_SHARE } from '../faces'
import { drawnFace } from './drawnFace'
import { hasPaperHands, layOut, partBoxes } from './parts'
import { clocksOf, recipePages } from './pages'
import type { Measures, MeasureId, Recipe } from './recipe'
import { largestFaceMm, stackMm } from './solve'
import { ERASER_MM, LEAST_BAND_MM, PAPER_ROUND_HOLE_MM, PLATE_FLAT, fasteners } from './stock'

export type MakeCheckId =
  | 'page'
  | 'plate'
  | 'minute-reach'
  | 'hour-reach'
  | 'ratio'
  | 'width'
  | 'hole'
  | 'leg'
  | 'point'
  | 'band'
  | 'apart'
  | 'ink'

/** The nearest change that would put a check right, in words and as a change of the recipe. */
export interface Mend {
  readonly says: string
  readonly change: Partial<Recipe>
}

export interface MakeCheck {
  readonly id: MakeCheckId
  readonly ok: boolean
  /** What holds, or what does not and by how much. */
  readonly says: string
  readonly mend?: Mend
}

const YOUNG_HANDS_MM = 12
const YOUNG = 8
const LEAST_RATIO = 0.55
const MOST_RATIO = 0.65
const LEAST_CONTRAST = 3
const LEAST_LINE_MM = 0.2

const mm = (value: number) => `${Math.round(value * 10) / 10} mm`
const tenth = (value: number) => Math.round(value * 10) / 10

/** Every measure that can go wrong, each with what, by how much, and the nearest change that mends it. */
export function checkRecipe(recipe: Recipe, m: Measures): MakeCheck[] {
  const fix = (says: string, measures: Partial<Record<MeasureId, number>>): Mend => ({
    says,
    change: { fixed: { ...recipe.fixed, ...measures } },
  })
  const hands = hasPaperHands(recipe) || recipe.kind === 'dough'
  return [
    checkPage(recipe, m, fix),
    ...(recipe.backing === 'plate' ? [checkPlate(m, fix)] : []),
    ...(hands && recipe.hands !== 'hour' ? [checkMinuteReach(recipe, m, fix)] : []),
    ...(hands && recipe.hands !== 'minute' ? [checkHourReach(recipe, m, fix)] : []),
    ...(hands && (recipe.hands === 'both' || recipe.hands === 'pair')
      ? [checkRatio(m, fix), checkApart(recipe, m, fix)]
      : []),
    ...(hasPaperHands(recipe) ? [checkWidth(recipe, m, fix), checkHole(recipe, m, fix)] : []),
    ...(hands ? [checkLeg(recipe, m, fix)] : []),
    ...(hands && fasteners[recipe.fastener].isSharp ? [checkPoint(recipe, m, fix)] : []),
    ...(recipe.kind === 'layered' ? [checkBand(m, fix)] : []),
    checkInk(recipe),
  ]
}

type Fix = (says: string, measures: Partial<Record<MeasureId, number>>) => Mend

function checkPage(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const clocks = clocksOf(recipe)
  const laid = clocks.map((clock) => layOut(clock, m)?.length)
  if (laid.every((pages) => pages !== undefined)) {
    const pages = laid.reduce((sum, count) => sum + count, 0)
    return {
      id: 'page',
      ok: true,
      says: `Fits ${pages} ${pages === 1 ? 'page' : 'pages'} a clock, inside the margins.`,
    }
  }
  const boxes = clocks.flatMap((clock) => partBoxes(clock, m))
  const area = bodyArea(recipe.paper)
  const over = Math.max(...boxes.map(({ width, height }) => Math.max(width - area.width, height - area.height)))
  if (recipe.tile)
    return { id: 'page', ok: true, says: `The face is ${mm(over)} larger than the page: printed in parts to join.` }
  const largest = largestFaceMm(recipe)
  return {
    id: 'page',
    ok: false,
    says: `${mm(over)} too large for the page.`,
    mend:
      m.faceMm > largest
        ? fix(`Make the face ${mm(largest)}`, { faceMm: largest })
        : { says: 'Print it in parts to join', change: { tile: true } },
  }
}

function checkPlate({ faceMm, plateMm }: Measures, fix: Fix): MakeCheck {
  const flat = plateMm * PLATE_FLAT
  const over = faceMm - flat
  if (over <= 0.05) return { id: 'plate', ok: true, says: `Lies on the plate’s flat, ${mm(flat)} across.` }
  return {
    id: 'plate',
    ok: false,
    says: `${mm(over)} wider than the plate’s flat, ${mm(flat)}.`,
    mend: fix(`Make the face ${mm(Math.floor(flat))}`, { faceMm: Math.floor(flat) }),
  }
}

function checkMinuteReach(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { marksFrom, marksTo, usualReach } = drawnFace(recipe, m)
  const mend = fix(`Make the minute hand ${mm(usualReach)}`, { minuteHandMm: tenth(usualReach) })
  if (m.minuteHandMm > marksTo + 0.05)
    return {
      id: 'minute-reach',
      ok: false,
      says: `The minute hand reaches ${mm(m.minuteHandMm - marksTo)} beyond the minute marks.`,
      mend,
    }
  if (m.minuteHandMm < marksFrom - 0.05)
    return {
      id: 'minute-reach',
      ok: false,
      says: `The minute hand stops ${mm(marksFrom - m.minuteHandMm)} short of the minute marks.`,
      mend,
    }
  return { id: 'minute-reach', ok: true, says: 'The minute hand reaches the marks and stays on the face.' }
}

function checkHourReach(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { numeralsFrom, usualReach } = drawnFace(recipe, m)
  const over = m.hourHandMm - numeralsFrom
  if (over <= 0.05) return { id: 'hour-reach', ok: true, says: 'The hour hand stops short of the numerals.' }
  const to = Math.min(usualReach * HOUR_HAND_SHARE, numeralsFrom)
  return {
    id: 'hour-reach',
    ok: false,
    says: `The hour hand reaches ${mm(over)} into the numerals.`,
    mend: fix(`Make the hour hand ${mm(to)}`, { hourHandMm: tenth(to) }),
  }
}

function checkRatio({ hourHandMm, minuteHandMm }: Measures, fix: Fix): MakeCheck {
  const ratio = hourHandMm / minuteHandMm
  const percent = Math.round(ratio * 100)
  if (ratio >= LEAST_RATIO - 0.002 && ratio <= MOST_RATIO + 0.002)
    return { id: 'ratio', ok: true, says: `The hour hand is ${percent} % of the minute hand.` }
  const to = tenth(minuteHandMm * HOUR_HAND_SHARE)
  return {
    id: 'ratio',
    ok: false,
    says: `The hour hand is ${percent} % of the minute hand; 55 to 65 % is told apart at a glance.`,
    mend: fix(`Make the hour hand ${mm(to)}`, { hourHandMm: to }),
  }
}

function checkWidth(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const young = recipe.age < YOUNG ? YOUNG_HANDS_MM : 0
  const need = Math.max(young, fasteners[recipe.fastener].leastHandMm)
  const narrow = narrowest(recipe, m)
  if (narrow >= need - 0.05)
    return {
      id: 'width',
      ok: true,
      says: `Hands ${mm(narrow)} wide hold the ${fasteners[recipe.fastener].name.toLowerCase()} and small scissors.`,
    }
  return {
    id: 'width',
    ok: false,
    says: `The narrowest hand is ${mm(need - narrow)} too narrow: it tears.`,
    mend: fix(`Make the hands at least ${mm(need)} wide`, {
      minuteWidthMm: Math.max(need, m.minuteWidthMm),
      hourWidthMm: Math.max(need, m.hourWidthMm),
    }),
  }
}

function narrowest({ hands }: Recipe, { minuteWidthMm, hourWidthMm }: Measures): number {
  if (hands === 'hour') return hourWidthMm
  return hands === 'minute' ? minuteWidthMm : Math.min(minuteWidthMm, hourWidthMm)
}

function checkHole(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { holeMm } = fasteners[recipe.fastener]
  const paper = (narrowest(recipe, m) - holeMm) / 2
  if (paper >= PAPER_ROUND_HOLE_MM - 0.05)
    return { id: 'hole', ok: true, says: `${mm(paper)} of paper all round the ${mm(holeMm)} hole.` }
  const need = holeMm + 2 * PAPER_ROUND_HOLE_MM
  return {
    id: 'hole',
    ok: false,
    says: `Only ${mm(Math.max(0, paper))} of paper beside the hole; ${PAPER_ROUND_HOLE_MM} mm hold.`,
    mend: fix(`Make the hands at least ${mm(need)} wide`, {
      minuteWidthMm: Math.max(need, m.minuteWidthMm),
      hourWidthMm: Math.max(need, m.hourWidthMm),
    }),
  }
}

function checkLeg(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { name, beyondStackMm, legsMm } = fasteners[recipe.fastener]
  const need = stackMm(recipe) + beyondStackMm
  const short = need - m.legMm
  if (short <= 0.001)
    return { id: 'leg', ok: true, says: `${name}, ${mm(m.legMm)}: passes the ${mm(stackMm(recipe))} stack and holds.` }
  const to = legsMm.find((leg) => leg >= need) ?? Math.ceil(need)
  return {
    id: 'leg',
    ok: false,
    says: `The leg is ${mm(short)} too short for a stack of ${mm(stackMm(recipe))}.`,
    mend: fix(`Take a leg of ${mm(to)}`, { legMm: to }),
  }
}

function checkPoint(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const out = m.legMm - stackMm(recipe) - ERASER_MM
  if (out <= 0.001) return { id: 'point', ok: true, says: `The point ends inside an eraser of ${ERASER_MM} mm.` }
  const to = fasteners[recipe.fastener].legsMm.find(
    (leg) => leg >= stackMm(recipe) + 3 && leg <= stackMm(recipe) + ERASER_MM,
  )
  const most = tenth(stackMm(recipe) + ERASER_MM)
  return {
    id: 'point',
    ok: false,
    says: `A bare point: it comes ${mm(out)} out of an eraser of ${ERASER_MM} mm.`,
    mend: fix(`Take a pin of ${mm(to ?? most)}`, { legMm: to ?? most }),
  }
}

function checkBand({ faceMm, middleMm }: Measures, fix: Fix): MakeCheck {
  const band = (faceMm - middleMm) / 2
  if (band >= LEAST_BAND_MM - 0.05) return { id: 'band', ok: true, says: `A band of ${mm(band)} to write in.` }
  const to = faceMm - 2 * LEAST_BAND_MM
  return {
    id: 'band',
    ok: false,
    says: `The band is ${mm(LEAST_BAND_MM - band)} too narrow to write in.`,
    mend: fix(`Make the middle circle ${mm(to)}`, { middleMm: tenth(to) }),
  }
}

/** Length, width or a name on the hand: two of these must differ, since colour is not to be needed. */
function checkApart(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const byLength = m.hourHandMm <= m.minuteHandMm * 0.8
  const byWidth = recipe.kind !== 'dough' && m.hourWidthMm >= m.minuteWidthMm * 1.15
  if (byLength && (byWidth || recipe.handLabels || recipe.kind === 'dough'))
    return { id: 'apart', ok: true, says: 'The hands differ without their colours.' }
  if (byLength)
    return {
      id: 'apart',
      ok: false,
      says: 'The hands differ by length alone.',
      mend: fix(`Make the hour hand ${mm(m.minuteWidthMm + 4)} wide`, { hourWidthMm: m.minuteWidthMm + 4 }),
    }
  const to = tenth(m.minuteHandMm * HOUR_HAND_SHARE)
  return {
    id: 'apart',
    ok: false,
    says: 'The hands are nearly of one length.',
    mend: fix(`Make the hour hand ${mm(to)}`, { hourHandMm: to }),
  }
}

/** Read off the very pages: the palest tint that carries a meaning, and the thinnest line. */
function checkInk(recipe: Recipe): MakeCheck {
  const { palest, thinnest } = inkOf(recipePages({ ...recipe, tile: true }))
  if (palest < LEAST_CONTRAST && !recipe.lowInk)
    return {
      id: 'ink',
      ok: false,
      says: `Tints as pale as ${palest.toFixed(1)} : 1 vanish on a printer that is low on ink.`,
      mend: { says: 'Draw them as lines', change: { lowInk: true } },
    }
  if (thinnest < LEAST_LINE_MM)
    return { id: 'ink', ok: false, says: `The thinnest line is ${mm(thinnest)}: it may not print.` }
  return { id: 'ink', ok: true, says: 'Shows on a printer that is low on ink.' }
}

/** Contrast to white of the palest ink, and the thinnest ink line, mm. */
export function inkOf(pages: readonly Drawing[]): { palest: number; thinnest: number } {
  let palest = 21
  let thinnest = Infinity
  const look = (shape: Shape): void => {
    if (shape.type === 'group') return shape.shapes.forEach(look)
    if (shape.layer !== 'ink' || shape.type === 'text') return
    if (shape.stroke) {
      palest = Math.min(palest, contrastToWhite(shape.stroke))
      thinnest = Math.min(thinnest, shape.strokeMm ?? 0.25)
    } else if (shape.fill && shape.fill !== 'none') palest = Math.min(palest, contrastToWhite(shape.fill))
  }
  for (const page of pages) page.shapes.forEach(look)
  return { palest, thinnest }
}

/**
 * Contrast of a colour (#rrggbb) to white paper, 1 to 21, by WCAG 2.2's relative luminance.
 *
 * contrastToWhite('#000000') //=> 21
 */
export function contrastToWhite(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const part = parseInt(colour.slice(at, at + 2), 16) / 255
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4
  })
  return 1.05 / (0.2126 * r + 0.7152 * g + 0.0722 * b + 0.05)
}
