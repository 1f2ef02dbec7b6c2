import { endpoint } from '../../../../server/http'
import { nameElsewhere } from '../../../../server/keeping/namesInTexts'

/** Where a child's name stands beside the child's own records: told before the child is removed. */
export const GET = endpoint(({ db, id }) => nameElsewhere(db, id))
