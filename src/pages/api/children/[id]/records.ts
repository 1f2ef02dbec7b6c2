import { childData, childPage } from '../../../../server/data/childFile'
import { endpoint, fileResponse } from '../../../../server/http'
import { choice } from '../../../../server/validate'

/** One child's records alone, as a page to be read or as data. */
export const GET = endpoint(async ({ db, id, query, now }) => {
  const as = choice('as', query.get('as'), ['html', 'json'])
  const text = as === 'html' ? await childPage(db, id, now) : JSON.stringify(await childData(db, id, now), null, 1)
  return fileResponse(
    Buffer.from(text),
    `records.${as}`,
    as === 'html' ? 'text/html; charset=utf-8' : 'application/json',
  )
})
