import type { MiddlewareHandler } from 'astro'
import { inLanguage, languageOf, offered, wordsOfView } from './server/language'
import { SOURCE_LANGUAGE } from './words/languages'

/** Whatever answers a request speaks the language of who asks. */
export const onRequest: MiddlewareHandler = ({ request, isPrerendered, locals }, next) => {
  // The headers of a page that is made by the build are nobody's.
  const language = isPrerendered ? SOURCE_LANGUAGE : languageOf(request.headers)
  Object.assign(locals, {
    speech: { offered: offered(), wordsOf: (view) => wordsOfView(view, language) } satisfies App.Locals['speech'],
  })
  return inLanguage(language, next)
}
