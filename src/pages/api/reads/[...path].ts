import { endpoint } from '../../../server/http'
import { readFor } from '../../../server/viewData'

/** What a view shows, as it is now. */
export const GET = endpoint(({ db, now, path }) => readFor(db, now, path))
