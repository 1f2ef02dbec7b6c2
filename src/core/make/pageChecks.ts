import { told } from '../wording'
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
      says:
        pages === 1
          ? told('Fits 1 page a clock, inside the margins.')
          : told('Fits {0} pages a clock, inside the margins.', pages),
    }
  }
  const boxes = clocks.flatMap((clock) => partBoxes(clock, m))
  const area = bodyArea(recipe.paper)
  const over = Math.max(...boxes.map(({ width, height }) => Math.max(width - area.width, height - area.height)))
  if (recipe.tile)
    return {
      id: 'page',
      ok: true,
      says: told('The face is {0} larger than the page: printed in parts to join.', inMm(over)),
    }
  const largest = largestFaceMm(recipe)
  return {
    id: 'page',
    ok: false,
    says: told('{0} too large for the page.', inMm(over)),
    mend:
      m.faceMm > largest
        ? fix(told('Make the face {0}', inMm(largest)), { faceMm: largest })
        : { says: told('Print it in parts to join'), change: { tile: true } },
  }
}

/** Whether the face lies on the flat part of the plate. */
export function checkPlate({ faceMm, plateMm }: Measures, fix: Fix): MakeCheck {
  const flat = plateMm * PLATE_FLAT
  const over = faceMm - flat
  if (over <= 0.05) return { id: 'plate', ok: true, says: told('Lies on the plate’s flat, {0} across.', inMm(flat)) }
  return {
    id: 'plate',
    ok: false,
    says: told('{0} wider than the plate’s flat, {1}.', inMm(over), inMm(flat)),
    mend: fix(told('Make the face {0}', inMm(Math.floor(flat))), { faceMm: Math.floor(flat) }),
  }
}

/** Whether the band round the middle circle has room to write in. */
export function checkBand({ faceMm, middleMm }: Measures, fix: Fix): MakeCheck {
  const band = (faceMm - middleMm) / 2
  if (band >= LEAST_BAND_MM - 0.05)
    return { id: 'band', ok: true, says: told('A band of {0} to write in.', inMm(band)) }
  const to = faceMm - 2 * LEAST_BAND_MM
  return {
    id: 'band',
    ok: false,
    says: told('The band is {0} too narrow to write in.', inMm(LEAST_BAND_MM - band)),
    mend: fix(told('Make the middle circle {0}', inMm(to)), { middleMm: tenth(to) }),
  }
}
