import { endpoint, textFile } from '../../../../server/http'
import { sessionContext } from '../../../../server/planning'
import { sessionText } from '../../../../core/records'

export const GET = endpoint(async ({ db, id, now }) => {
  const context = await sessionContext(db, id, now)
  return textFile(sessionText(context), `session-${context.session.date}.md`, 'text/markdown')
})
