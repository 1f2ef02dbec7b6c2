import { endpoint, textFile } from '../../../../server/http'
import { sessionCalendar } from '../../../../server/sessionFiles'

export const GET = endpoint(async ({ db, id, now }) =>
  textFile(await sessionCalendar(db, id, now), 'session.ics', 'text/calendar'),
)
