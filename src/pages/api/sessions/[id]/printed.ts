import { endpoint } from '../../../../server/http'
import { markPrinted } from '../../../../server/stores/sessions'

export const POST = endpoint(({ db, id, now }) => markPrinted(db, id, now))
