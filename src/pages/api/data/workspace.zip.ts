import { workspaceZip } from '../../../server/data/workspaceFile'
import { endpoint, fileResponse } from '../../../server/http'

export const GET = endpoint(async ({ db, now }) => {
  const day = new Date(now).toISOString().slice(0, 10)
  return fileResponse(await workspaceZip(db, now), `ripe-acorn-${day}.zip`, 'application/zip')
})
