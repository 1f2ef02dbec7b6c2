import { networkState } from '../../../server/guard/network'
import { choosePasscode } from '../../../server/guard/choosePasscode'
import { endpoint } from '../../../server/http'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => networkState(db))

export const PUT = endpoint(async ({ db, body, doing }) => {
  await choosePasscode(db, checked(schemas.passcode, await body()).passcode, doing)
  return networkState(db)
})
