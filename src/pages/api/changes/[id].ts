import { endpoint } from '../../../server/http'
import { undoChange } from '../../../server/stores/answers'

/** Taking a change back puts the answer as it was before it. */
export const DELETE = endpoint(({ db, id }) => undoChange(db, id))
