import { readWorkspaceApart } from '../../../server/apart/apart'
import { takeIn } from '../../../server/data/takingIn'
import { endpoint } from '../../../server/http'
import { choice } from '../../../server/validate'

export const POST = endpoint(async ({ db, bytes, query, doing }) => {
  const onDifferent = choice('different', query.get('different') ?? 'keep', ['keep', 'replace'])
  return takeIn(db, await readWorkspaceApart(await bytes()), onDifferent, doing)
})
