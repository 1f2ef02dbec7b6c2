/* global document, window, caches, URL, DOMParser */
// Lists what this device holds, by the titles of the pages. Its cache is named in src/ui/offline/names.ts.
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
void held()
