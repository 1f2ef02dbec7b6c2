import type { MiddlewareHandler } from 'astro'
import { answering, choicesFor, wordsFor, wordsOfView } from './server/language'

/** Whatever answers a request speaks the language of who asks. */
export const onRequest: MiddlewareHandler = ({ request, locals }, next) => {
  const words = wordsFor(request.headers)
  Object.assign(locals, {
    speech: {
      choices: choicesFor(request.headers),
      wordsOf: (view) => wordsOfView(view, words),
    } satisfies App.Locals['speech'],
  })
  return answering(request.headers, next)
}
