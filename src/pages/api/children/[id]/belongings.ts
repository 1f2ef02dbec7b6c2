import { endpoint } from '../../../../server/http'
import { namePlaces } from '../../../../server/keeping/removing'

/** Where a child's name stands beside the child's own records: told before the child is removed. */
export const GET = endpoint(({ db, id }) => namePlaces(db, id))
