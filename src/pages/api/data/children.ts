import { readChildrenTable, takeInChildren } from '../../../server/data/childrenTable'
import { endpoint } from '../../../server/http'
import { choice } from '../../../server/validate'

/** A table of children: `do=look` tells what would come, `do=take` takes it in. */
export const POST = endpoint(async ({ db, bytes, query, doing }) => {
  const text = Buffer.from(await bytes()).toString('utf8')
  const todo = choice('do', query.get('do'), ['look', 'take'])
  return todo === 'look'
    ? readChildrenTable(db, text)
    : takeInChildren(db, text, query.get('groupId') ?? undefined, doing)
})
