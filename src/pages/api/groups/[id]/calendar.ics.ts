import { endpoint, textFile } from '../../../../server/http'
import { groupCalendar } from '../../../../server/sessionFiles'

export const GET = endpoint(async ({ db, id, now }) =>
  textFile(await groupCalendar(db, id, now), 'sessions.ics', 'text/calendar'),
)
