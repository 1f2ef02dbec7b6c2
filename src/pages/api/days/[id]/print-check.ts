import { checkDayPages } from '../../../../server/dayPrinting'
import { endpoint } from '../../../../server/http'

/** What must be known before what was chosen of a day is printed. */
export const GET = endpoint(({ db, id, query, now }) => checkDayPages({ db, id, query, now }))
