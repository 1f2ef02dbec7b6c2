import { endpoint } from '../../server/http'
import { editSettings, getSettings } from '../../server/stores/settings'
import { checked, schemas } from '../../server/validate'

export const GET = endpoint(({ db }) => getSettings(db))

export const PUT = endpoint(async ({ db, body }) => editSettings(db, checked(schemas.settings, await body())))
