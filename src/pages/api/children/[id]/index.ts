import { endpoint } from '../../../../server/http'
import { forgetFinishedPacks } from '../../../../server/packJobs'
import { removeChild } from '../../../../server/keeping/removing'
import { childReport } from '../../../../server/reports'
import { editChild } from '../../../../server/stores/people'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id, now }) => childReport(db, id, now))

export const PUT = endpoint(async ({ db, id, body }) => editChild(db, id, checked(schemas.childEdit, await body())))

export const DELETE = endpoint(async ({ db, id, query, doing }) => {
  const undo = await removeChild(db, id, query.getAll('also'), doing)
  forgetFinishedPacks()
  return undo
})
