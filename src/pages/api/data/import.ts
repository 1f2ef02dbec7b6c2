import { takeIn } from '../../../server/data/takingIn'
import { readWorkspaceFile } from '../../../server/data/workspaceFile'
import { endpoint } from '../../../server/http'
import { choice } from '../../../server/validate'

export const POST = endpoint(async ({ db, bytes, query, doing }) => {
  const onDifferent = choice('different', query.get('different') ?? 'keep', ['keep', 'replace'])
  return takeIn(db, readWorkspaceFile(await bytes()), onDifferent, doing)
})
