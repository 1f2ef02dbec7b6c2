import { compareWith } from '../../../server/data/takingIn'
import { readWorkspaceFile } from '../../../server/data/workspaceFile'
import { endpoint } from '../../../server/http'

/** What a file would bring. It only reads. */
export const POST = endpoint(async ({ db, bytes }) => compareWith(db, readWorkspaceFile(await bytes())))
