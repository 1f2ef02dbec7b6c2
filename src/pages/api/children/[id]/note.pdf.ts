import { endpoint, pdfResponse } from '../../../../server/http'
import { noteHome } from '../../../../server/noteHome'
import { drawingsToPdf } from '../../../../server/pdf'

export const GET = endpoint(async ({ db, id, now }) => {
  const { name, pages } = await noteHome(db, id, now)
  return pdfResponse(await drawingsToPdf(pages, name), 'note-home')
})
