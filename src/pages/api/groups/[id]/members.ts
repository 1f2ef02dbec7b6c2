import { endpoint } from '../../../../server/http'
import { groupData } from '../../../../server/reports'

export const GET = endpoint(({ db, id, now }) => groupData(db, id, now))
