import { endpoint } from '../../../../server/http'
import { takeBackChange } from '../../../../server/keeping/undos'

export const POST = endpoint(({ db, id, doing }) => takeBackChange(db, id, doing))
