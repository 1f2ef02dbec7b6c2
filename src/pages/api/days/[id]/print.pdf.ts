import { printApart } from '../../../../server/apart/apart'
import { dayPrintWish } from '../../../../server/dayPrinting'
import { endpoint, pdfResponse } from '../../../../server/http'

/** What was chosen of a day, in one PDF. */
export const GET = endpoint(async ({ db, id, query, now, left }) => {
  const { wish, title } = await dayPrintWish({ db, id, query, now })
  return pdfResponse(await printApart({ of: 'day', wish, title }, left), 'day')
})
