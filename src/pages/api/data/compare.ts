import { compareApart } from '../../../server/apart/apart'
import { endpoint } from '../../../server/http'

/** What a file would bring. It only reads. */
export const POST = endpoint(async ({ db, bytes }) => compareApart(db, await bytes()))
