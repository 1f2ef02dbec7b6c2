import { readWorkspaceApart } from '../../../server/apart/apart'
import { compareWith } from '../../../server/data/takingIn'
import { endpoint } from '../../../server/http'

/** What a file would bring. It only reads. */
export const POST = endpoint(async ({ db, bytes }) => compareWith(db, await readWorkspaceApart(await bytes())))
