import type { Day } from '../../../../core/days'
import { dayFile } from '../../../../server/dayFiles'
import { endpoint } from '../../../../server/http'
import { getKept } from '../../../../server/stores/kept'

/** A day as a file: `as` is ics, csv or json. */
export const GET = endpoint(async ({ db, id, query, now }) =>
  dayFile(await getKept<Day>(db, 'days', id), query.get('as'), now),
)
