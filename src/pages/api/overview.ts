import { endpoint } from '../../server/http'
import { overview } from '../../server/sessions'

export const GET = endpoint(({ db, now }) => overview(db, now))
