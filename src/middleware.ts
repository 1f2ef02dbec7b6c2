import type { MiddlewareHandler } from 'astro'
import { answering, choicesFor, wordsOfView } from './server/language'

/** Whatever answers a request speaks the language of who asks. */
export const onRequest: MiddlewareHandler = ({ request, locals }, next) => {
  Object.assign(locals, {
    speech: { choices: choicesFor(request.headers), wordsOf: wordsOfView } satisfies App.Locals['speech'],
  })
  return answering(request.headers, next)
}
