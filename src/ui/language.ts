import type { QueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { fetchRest, speakWith, withRest, wordsOfPage } from '../words/i18n'
import { LANGUAGE_COOKIE } from '../words/languages'

/*
 * The choice of a language at the foot of a page. The page speaks it at once, and stays as it is otherwise: what is
 * typed and what is open stays.
 */

const YEAR_SECONDS = 365 * 24 * 60 * 60

/** The parts of a page that the server wrote and no view draws again. */
const SAID_BY_SERVER = '.shell-skip, .shell-head, .shell-made-up, #not-usable, .shell-foot'

/** Texts and names of one part as they are in another, which has the same structure. */
function sayAs(shown: Node, said: Node): void {
  if (shown instanceof Text && said instanceof Text) shown.data = said.data
  if (shown instanceof Element && said instanceof Element)
    for (const name of ['aria-label', 'lang'])
      if (said.hasAttribute(name)) shown.setAttribute(name, said.getAttribute(name) ?? '')
  for (const [i, child] of [...shown.childNodes].entries()) {
    const other = said.childNodes[i]
    if (other && other.nodeName === child.nodeName) sayAs(child, other)
  }
}

/** The title as the server wrote it last; empty before the page is opened in a browser. */
let titleOfServer = typeof document === 'undefined' ? '' : document.title

/** Asks for this page in the language that was chosen, and takes all that it says from there. */
async function speak(language: string): Promise<void> {
  document.cookie = `${LANGUAGE_COOKIE}=${language}; path=/; max-age=${YEAR_SECONDS}; samesite=lax`
  const answer = await fetch(location.href, { headers: { accept: 'text/html' }, cache: 'no-store' })
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html')
  const words = wordsOfPage(page)
  if (!words) throw new Error('the page came without words')
  const spoken = await withRest(words)
  speakWith(spoken)
  document.documentElement.lang = spoken.language
  // A title that names whom the view is about is the view's own.
  if (document.title === titleOfServer) document.title = page.title
  titleOfServer = page.title
  const said = [...page.querySelectorAll(SAID_BY_SERVER)]
  for (const [i, part] of [...document.querySelectorAll(SAID_BY_SERVER)].entries()) {
    const other = said[i]
    if (other) sayAs(part, other)
  }
}

/** How often the language was changed since the page was opened: a number that is new whenever all is to be said anew. */
export function useLanguage(client: QueryClient): number {
  const [changes, setChanges] = useState(0)
  useEffect(() => {
    const fetchNow = () =>
      void fetchRest()
        .then((isShort) => isShort && setChanges((n) => n + 1))
        // Without a connection, and where nothing is held: as soon as there is one.
        .catch(() => window.addEventListener('online', fetchNow, { once: true }))
    fetchNow()
  }, [])
  useEffect(() => {
    const choice = document.getElementById('shell-language')
    if (!(choice instanceof HTMLSelectElement)) return
    const change = () =>
      void speak(choice.value)
        .then(() => {
          setChanges((n) => n + 1)
          // What the server says in its answers, it says in the new language.
          return client.invalidateQueries()
        })
        // Without a connection the page is opened anew in the language as soon as there is one.
        .catch(() => location.reload())
    choice.addEventListener('change', change)
    return () => choice.removeEventListener('change', change)
  }, [client])
  return changes
}
