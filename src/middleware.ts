import type { MiddlewareHandler } from 'astro'
import { choicesFor, sayingWith, wordsFor, wordsOfView } from './server/language'

/** Whatever answers a request speaks the language of who asks. */
export const onRequest: MiddlewareHandler = ({ request, locals }, next) => {
  const words = wordsFor(request.headers)
  Object.assign(locals, {
    speech: {
      choices: choicesFor(request.headers),
      wordsOf: (view) => wordsOfView(view, words),
    } satisfies App.Locals['speech'],
  })
  return sayingWith(words, next)
}
