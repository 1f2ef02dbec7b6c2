import { removeDevice } from '../../../../server/guard/devices'
import { endpoint } from '../../../../server/http'

export const DELETE = endpoint(({ db, id, doing }) => removeDevice(db, id, doing))
