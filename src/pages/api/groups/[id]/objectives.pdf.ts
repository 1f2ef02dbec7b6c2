import { endpoint, pdfResponse } from '../../../../server/http'
import { groupObjectives } from '../../../../server/objectives'
import { drawingsToPdf } from '../../../../server/pdf'

export const GET = endpoint(async ({ db, id, now }) => {
  const { name, pages } = await groupObjectives(db, id, now)
  return pdfResponse(await drawingsToPdf(pages, name), 'objectives-met')
})
