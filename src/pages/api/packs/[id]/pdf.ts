import { endpoint, pdfResponse } from '../../../../server/http'
import { packPdf } from '../../../../server/packJobs'

export const GET = endpoint(({ id }) => Promise.resolve(pdfResponse(packPdf(id), 'pack')))
