import { counted } from '../wording'
import { bodyArea } from '../drawing'
import { partBoxes } from './partSizes'
import { layOut } from './parts'
import { clocksOf } from './pages'
import type { Measures, Recipe } from './recipe'
import { largestFaceMm } from './solve'
import { LEAST_BAND_MM } from './stock'
import { PLATE_FLAT } from './backings'
import { type Fix, type MakeCheck, inMm } from './checked'
import { tenth } from '../clock'

/** Whether the parts fit on the page, whole or to be joined. */
export function checkPage(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const clocks = clocksOf(recipe)
  const laid = clocks.map((clock) => layOut(clock, m)?.length)
  if (laid.every((pages) => pages !== undefined)) {
    const pages = laid.reduce((sum, count) => sum + count, 0)
    return {
      id: 'page',
      ok: true,
      says: `Fits ${counted(pages, 'page', 'pages')} a clock, inside the margins.`,
    }
  }
  const boxes = clocks.flatMap((clock) => partBoxes(clock, m))
  const area = bodyArea(recipe.paper)
  const over = Math.max(...boxes.map(({ width, height }) => Math.max(width - area.width, height - area.height)))
  if (recipe.tile)
    return { id: 'page', ok: true, says: `The face is ${inMm(over)} larger than the page: printed in parts to join.` }
  const largest = largestFaceMm(recipe)
  return {
    id: 'page',
    ok: false,
    says: `${inMm(over)} too large for the page.`,
    mend:
      m.faceMm > largest
        ? fix(`Make the face ${inMm(largest)}`, { faceMm: largest })
        : { says: 'Print it in parts to join', change: { tile: true } },
  }
}

/** Whether the face lies on the flat part of the plate. */
export function checkPlate({ faceMm, plateMm }: Measures, fix: Fix): MakeCheck {
  const flat = plateMm * PLATE_FLAT
  const over = faceMm - flat
  if (over <= 0.05) return { id: 'plate', ok: true, says: `Lies on the plate’s flat, ${inMm(flat)} across.` }
  return {
    id: 'plate',
    ok: false,
    says: `${inMm(over)} wider than the plate’s flat, ${inMm(flat)}.`,
    mend: fix(`Make the face ${inMm(Math.floor(flat))}`, { faceMm: Math.floor(flat) }),
  }
}

/** Whether the band round the middle circle has room to write in. */
export function checkBand({ faceMm, middleMm }: Measures, fix: Fix): MakeCheck {
  const band = (faceMm - middleMm) / 2
  if (band >= LEAST_BAND_MM - 0.05) return { id: 'band', ok: true, says: `A band of ${inMm(band)} to write in.` }
  const to = faceMm - 2 * LEAST_BAND_MM
  return {
    id: 'band',
    ok: false,
    says: `The band is ${inMm(LEAST_BAND_MM - band)} too narrow to write in.`,
    mend: fix(`Make the middle circle ${inMm(to)}`, { middleMm: tenth(to) }),
  }
}
