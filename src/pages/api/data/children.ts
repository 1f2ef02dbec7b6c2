import { readTableApart } from '../../../server/apart/apart'
import { childrenIn, takeInChildren } from '../../../server/data/childrenTable'
import { endpoint } from '../../../server/http'
import { choice } from '../../../server/validate'

/** A table of children: `do=look` tells what would come, `do=take` takes it in. */
export const POST = endpoint(async ({ db, bytes, query, doing }) => {
  const todo = choice('do', query.get('do'), ['look', 'take'])
  const data = await readTableApart(await bytes())
  return todo === 'look' ? childrenIn(db, data) : takeInChildren(db, data, query.get('groupId') ?? undefined, doing)
})
