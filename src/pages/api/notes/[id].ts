import { endpoint } from '../../../server/http'
import { removeNote } from '../../../server/stores/judgement'

export const DELETE = endpoint(({ db, id }) => removeNote(db, id))
