/* global document, window, caches, fetch, URL, DOMParser */
// The page without a connection: in the language of this device, with a list of what it holds, by the titles of pages.

/** Those that the build made a page for; the cookie is named in src/words/languages.ts. */
const LANGUAGES = document.getElementById('no-connection').dataset.languages.split(' ')
const chosen = /(?:^|;\s*)ripe-acorn-language=(\w+)/.exec(document.cookie)?.[1]
const named = [chosen, ...window.navigator.languages.map((each) => each.slice(0, 2))]
const language = named.find((each) => LANGUAGES.includes(each)) ?? 'en'

const translate = async () => {
  if (language === document.documentElement.lang) return
  const page = await (await fetch(`/offline/${language}/index.html`)).text()
  const { body, title } = new DOMParser().parseFromString(page, 'text/html')
  document.body.replaceWith(body)
  document.title = title
  document.documentElement.lang = language
}

/** Its cache is named in src/ui/offline/names.ts. */
const held = async () => {
  const list = document.getElementById('held')
  if (!('caches' in window) || !list) return
  const cache = await caches.open('ripe-acorn-records')
  const links = []
  for (const { url } of await cache.keys()) {
    const { pathname } = new URL(url)
    if (pathname.startsWith('/api/') || links.some((link) => link.pathname === pathname)) continue
    const page = await (await cache.match(url)).text()
    const title = new DOMParser().parseFromString(page, 'text/html').title.replace(/ · Ripe Acorn$/, '')
    links.push(Object.assign(document.createElement('a'), { href: pathname, textContent: title || pathname }))
  }
  if (links.length === 0) return
  list.replaceChildren(
    ...links.map((link) => {
      const item = document.createElement('li')
      item.append(link)
      return item
    }),
  )
}

void translate()
  // What cannot be translated is better than nothing.
  .catch(() => undefined)
  .then(held)
