import type { Day } from '../../core/days'
import { leaningOn } from '../../core/knowing'
import { callerPages, makeTimeline } from '../../core/movement'
import { cardWish } from '../../server/callerSchemas'
import { endpoint, pdfResponse } from '../../server/http'
import { drawingsToPdf } from '../../server/pdf'
import { getKept } from '../../server/stores/kept'
import { getSettings } from '../../server/stores/settings'
import { checked } from '../../server/validate'

/** A game's calls on paper, for those who run it with no screen. */
export const GET = endpoint(async ({ db, query }) => {
  const { game, seed, lean, day, language, form, ...chosen } = checked(cardWish, {
    ...Object.fromEntries(query),
    lean: query.getAll('lean'),
  })
  const settings = await getSettings(db)
  const rows = day === undefined ? undefined : (await getKept<Day>(db, 'days', day)).body.rows
  const wording = { language: language ?? settings.language, form: form ?? settings.form }
  const options = { ...chosen, day: rows, wording, weights: leaningOn(lean), names: [] }
  const pages = callerPages(makeTimeline(game, options, seed), options, settings.paper)
  return pdfResponse(await drawingsToPdf(pages, 'A caller’s card'), 'callers-card')
})
