import { endpoint, pdfResponse } from '../../../../server/http'
import { drawingsToPdf } from '../../../../server/pdf'
import { storyPrint } from '../../../../server/storyPrinting'

/** The story with its questions, once or for each child of a group, and the key. */
export const GET = endpoint(async ({ db, id, query, now }) => {
  const { pages, title } = await storyPrint(db, id, query, now)
  return pdfResponse(await drawingsToPdf(pages, title), 'story')
})
