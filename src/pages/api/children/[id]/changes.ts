import { endpoint } from '../../../../server/http'
import { listChanges } from '../../../../server/stores/answers'

export const GET = endpoint(({ db, id }) => listChanges(db, id))
