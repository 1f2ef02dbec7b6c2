import { mkdirSync, writeFileSync } from 'node:fs'
import { generateSW } from 'workbox-build'
import { PICTURES_CACHE, PRINTS_CACHE, RECORDS_CACHE, WORDS_CACHE } from '../src/ui/offline/names'
import { ADULT_LANGUAGE_IDS, SOURCE_LANGUAGE } from '../src/words/languages'
import { builtPages } from './builtPages'

/*
 * Makes the worker that lets the app open without a connection. It holds our code and fonts, which are named by their
 * contents; pages and records only as they were last seen. A new version waits until the old one is closed everywhere,
 * so that a session that runs keeps the code it began with; what is no longer used is cleared then.
 */

const MOST_PAGES = 200
const MOST_PRINTS = 8
const MOST_PICTURES = 300
/** Of all views in two languages, and some of an older version. */
const MOST_WORDS = 60
const WAIT_SECONDS = 5
const fallback = { fallbackURL: '/offline/index.html' }
const good = { cacheableResponse: { statuses: [200] } }
const records = { cacheName: RECORDS_CACHE, expiration: { maxEntries: MOST_PAGES }, ...good }

/** What is shown where there is neither a connection nor the view itself; `public/offline.js` finds its language. */
for (const language of ADULT_LANGUAGE_IDS) {
  const folder = `dist/client/offline/${language === SOURCE_LANGUAGE ? '' : language}`
  mkdirSync(folder, { recursive: true })
  const [page = ''] = await builtPages(['/offline'], language)
  writeFileSync(`${folder}/index.html`, page)
}

const { count, size, warnings } = await generateSW({
  globDirectory: 'dist/client',
  globPatterns: ['_astro/**/*.{js,css,woff2}', 'icon.svg', 'offline/**/*.html', 'offline.js'],
  swDest: 'dist/client/sw.js',
  mode: 'production',
  sourcemap: false,
  inlineWorkboxRuntime: true,
  clientsClaim: true,
  skipWaiting: false,
  cleanupOutdatedCaches: true,
  maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
  // What is named by its contents needs no second mark.
  dontCacheBustURLsMatching: /^_astro\//,
  runtimeCaching: [
    {
      // The words of a view in the language of its page, named by what they are.
      urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/_astro/words-'),
      handler: 'CacheFirst',
      options: { cacheName: WORDS_CACHE, expiration: { maxEntries: MOST_WORDS }, ...good },
    },
    {
      // The pictures that were seen, and their words.
      urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/pictures/'),
      handler: 'StaleWhileRevalidate',
      options: { cacheName: PICTURES_CACHE, expiration: { maxEntries: MOST_PICTURES }, ...good },
    },
    {
      // The callers. What is asked for in the address is read in the browser, so that one page is as good as another.
      urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname === '/play',
      handler: 'NetworkFirst',
      options: {
        ...records,
        networkTimeoutSeconds: WAIT_SECONDS,
        matchOptions: { ignoreSearch: true },
        precacheFallback: fallback,
      },
    },
    {
      urlPattern: ({ url, sameOrigin }) => sameOrigin && /^\/api\/.*\.pdf$/.test(url.pathname),
      handler: 'NetworkFirst',
      options: { cacheName: PRINTS_CACHE, expiration: { maxEntries: MOST_PRINTS }, ...good },
    },
    {
      // What views read. Only where it fails: what is merely slow must not be answered from before. Who is gone is asked
      // of the server alone, and files of one's data are held nowhere.
      urlPattern: ({ url, sameOrigin }) => sameOrigin && /^\/api\/(?!gone$|data\/)/.test(url.pathname),
      handler: 'NetworkFirst',
      options: records,
    },
    {
      // Every view opens as it was last seen on this device, and says of when that is.
      urlPattern: ({ request, sameOrigin }) =>
        sameOrigin && (request.mode === 'navigate' || request.headers.get('accept') === 'text/html'),
      handler: 'NetworkFirst',
      options: { ...records, networkTimeoutSeconds: WAIT_SECONDS, precacheFallback: fallback },
    },
  ],
})
for (const warning of warnings) console.warn(warning)
console.log(`Without a connection: ${count} files, ${Math.round(size / 1024)} kB.`)
process.exit(0)
