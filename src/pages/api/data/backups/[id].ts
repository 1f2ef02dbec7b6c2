import { compareBackupApart } from '../../../../server/apart/apart'
import { restoreBackup } from '../../../../server/data/restoring'
import { endpoint } from '../../../../server/http'

/** What would change if this backup were restored. */
export const GET = endpoint(({ db, id }) => compareBackupApart(db, id))

export const POST = endpoint(({ db, id, doing }) => restoreBackup(db, id, doing))
