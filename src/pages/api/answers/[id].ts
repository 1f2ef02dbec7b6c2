import { endpoint } from '../../../server/http'
import { removeAnswer } from '../../../server/stores/answers'

export const DELETE = endpoint(({ db, id }) => removeAnswer(db, id))
