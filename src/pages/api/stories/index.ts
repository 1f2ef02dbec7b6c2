import type { Story } from '../../../core/stories'
import { endpoint } from '../../../server/http'
import { addKept, listKept } from '../../../server/stores/kept'
import { checked, schemas } from '../../../server/validate'

export const GET = endpoint(({ db }) => listKept<Story>(db, 'stories'))

export const POST = endpoint(async ({ db, now, body }) =>
  addKept(db, 'stories', checked(schemas.newStory, await body()), now),
)
