import { endpoint } from '../../server/http'
import { madeUpPort } from '../../server/madeUp'

/** Made-up children to try everything with, apart from all that is kept here. */
export const POST = endpoint(async ({ db }) => ({ port: await madeUpPort(db) }))
