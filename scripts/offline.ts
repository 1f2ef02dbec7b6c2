import { generateSW } from 'workbox-build'
import { RECORDS_CACHE } from '../src/ui/offline/names'

/*
 * Makes the worker that lets the app open without a connection. It holds our code and fonts, which are named by their
 * contents; pages and records only as they were last seen. A new version waits until the old one is closed everywhere,
 * so that a session that runs keeps the code it began with; what is no longer used is cleared then.
 */

const MOST_PAGES = 40
const MOST_PRINTS = 8
const WAIT_SECONDS = 5
const fallback = { fallbackURL: '/offline/index.html' }
const good = { cacheableResponse: { statuses: [200] } }

const { count, size, warnings } = await generateSW({
  globDirectory: 'dist/client',
  globPatterns: ['_astro/**/*.{js,css,woff2}', 'icon.svg', 'offline/index.html', 'offline.js'],
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
      // The table with its session and records, the callers, what is on a big screen, and where one begins.
      urlPattern: ({ url, sameOrigin }) =>
        sameOrigin && /^\/(?:$|table\/|play$|days\/now$|stories\/read$)/.test(url.pathname),
      handler: 'NetworkFirst',
      options: {
        cacheName: RECORDS_CACHE,
        networkTimeoutSeconds: WAIT_SECONDS,
        matchOptions: { ignoreSearch: true },
        expiration: { maxEntries: MOST_PAGES },
        precacheFallback: fallback,
        ...good,
      },
    },
    {
      urlPattern: ({ url, sameOrigin }) => sameOrigin && /^\/api\/.*\.pdf$/.test(url.pathname),
      handler: 'NetworkFirst',
      options: { cacheName: `${RECORDS_CACHE}-prints`, expiration: { maxEntries: MOST_PRINTS }, ...good },
    },
    {
      urlPattern: ({ url, sameOrigin }) =>
        sameOrigin &&
        /^\/api\/(?:sessions\/|overview$|settings$|answers$|days$|stories$|children$|groups$)/.test(url.pathname),
      handler: 'NetworkFirst',
      options: {
        cacheName: RECORDS_CACHE,
        networkTimeoutSeconds: WAIT_SECONDS,
        expiration: { maxEntries: MOST_PAGES },
        ...good,
      },
    },
    {
      // The other views say what they cannot do.
      urlPattern: ({ request }) => request.mode === 'navigate',
      handler: 'NetworkOnly',
      options: { precacheFallback: fallback },
    },
  ],
})
for (const warning of warnings) console.warn(warning)
console.log(`Without a connection: ${count} files, ${Math.round(size / 1024)} kB.`)
