import { printApart } from '../../../../server/apart/apart'
import { endpoint, pdfResponse } from '../../../../server/http'
import { storyPrintWish } from '../../../../server/storyPrinting'

/** The story with its questions, once or for each child of a group, and the key. */
export const GET = endpoint(async ({ db, id, query, now, left }) => {
  const wish = await storyPrintWish(db, id, query, now)
  return pdfResponse(await printApart({ of: 'story', wish, title: wish.title }, left), 'story')
})
