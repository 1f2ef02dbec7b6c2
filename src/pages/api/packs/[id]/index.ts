import { endpoint } from '../../../../server/http'
import { cancelPack, packJob } from '../../../../server/packJobs'

export const GET = endpoint(({ id }) => Promise.resolve(packJob(id)))

export const DELETE = endpoint(({ id }) => Promise.resolve(cancelPack(id)))
