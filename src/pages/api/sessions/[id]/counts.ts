import { endpoint } from '../../../../server/http'
import { listCounts } from '../../../../server/stores/counts'

export const GET = endpoint(({ db, id }) => listCounts(db, id))
