import { workspaceZipApart } from '../../../server/apart/apart'
import { endpoint, fileResponse } from '../../../server/http'

export const GET = endpoint(async ({ db, now }) => {
  const day = new Date(now).toISOString().slice(0, 10)
  return fileResponse(await workspaceZipApart(db, now), `ripe-acorn-${day}.zip`, 'application/zip')
})
