import { compareBackup, restoreBackup } from '../../../../server/data/restoring'
import { endpoint } from '../../../../server/http'

/** What would change if this backup were restored. */
export const GET = endpoint(({ db, id }) => compareBackup(db, id))

export const POST = endpoint(({ db, id, doing }) => restoreBackup(db, id, doing))
