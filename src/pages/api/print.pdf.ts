import { printApart } from '../../server/apart/apart'
import { endpoint, pdfResponse } from '../../server/http'
import { wishFromQuery } from '../../server/printing'

/** A print and its key at true size. */
export const GET = endpoint(async ({ query, left }) => {
  const wish = wishFromQuery(query)
  const name = `${wish.printable}-${wish.seed}`
  return pdfResponse(await printApart({ of: 'print', wish, title: wish.printable }, left), name)
})
