import { endpoint } from '../../../../server/http'
import { addNote, listNotes } from '../../../../server/stores/judgement'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id }) => listNotes(db, id))

export const POST = endpoint(async ({ db, id, now, body }) => addNote(db, id, checked(schemas.note, await body()), now))
