import { endpoint } from '../../../server/http'
import { startPack } from '../../../server/packJobs'
import { packWish } from '../../../server/printing'
import { checked, schemas } from '../../../server/validate'

export const POST = endpoint(async ({ db, now, body }) => {
  const order = checked(schemas.newPack, await body())
  return startPack(order.id, await packWish(db, order, now))
})
