import { endpoint } from '../../server/http'
import { goneChildren } from '../../server/stores/gone'

/** Ids of children that were removed, so that each device forgets what it has of them. */
export const GET = endpoint(({ db }) => goneChildren(db))
