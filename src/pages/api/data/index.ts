import { dataState } from '../../../server/data/state'
import { endpoint } from '../../../server/http'

export const GET = endpoint(({ db, now }) => dataState(db, now))
