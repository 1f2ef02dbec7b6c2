import { endpoint } from '../../server/http'
import { overview } from '../../server/overview'

export const GET = endpoint(({ db, now }) => overview(db, now))
