import { endpoint } from '../../../../server/http'
import { groupCourses } from '../../../../server/reports'

/** How each child of a group went on, week by week. */
export const GET = endpoint(({ db, id }) => groupCourses(db, id))
