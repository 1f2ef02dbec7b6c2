import { endpoint } from '../../../server/http'
import { setDamagedAside } from '../../../server/keeping/damage'

export const POST = endpoint(({ db, doing }) => setDamagedAside(db, doing))
