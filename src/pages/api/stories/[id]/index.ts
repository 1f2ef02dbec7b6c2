import type { Story } from '../../../../core/stories'
import { endpoint } from '../../../../server/http'
import { removeThing } from '../../../../server/keeping/removing'
import { editKept, getKept } from '../../../../server/stores/kept'
import { checked, schemas } from '../../../../server/validate'

export const GET = endpoint(({ db, id }) => getKept<Story>(db, 'stories', id))

export const PUT = endpoint(async ({ db, id, body }) =>
  editKept(db, 'stories', id, checked(schemas.storyEdit, await body())),
)

export const DELETE = endpoint(({ db, id, doing }) => removeThing(db, 'stories', id, doing))
