import { told } from '../../core/wording'
import type { APIRoute } from 'astro'
import { refusal } from '../../server/http'
import { Problem } from '../../server/problem'

/** Anything else under /api: an answer in the same form as every other error. */
export const ALL: APIRoute = ({ request }) =>
  refusal(
    new Problem(404, told('No such address'), { detail: told('There is nothing at this address under /api.') }),
    request,
  )
