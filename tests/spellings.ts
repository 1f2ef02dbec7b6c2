import { readdirSync } from 'node:fs'
import { sep } from 'node:path'

/* Every address of ours, spelt in ways that some reader of addresses takes for it. */

/** One address of each route, as the files under `src/pages` name them. */
export function everyRoute(): string[] {
  const files = readdirSync('src/pages', { recursive: true }) as string[]
  return files
    .filter((file) => /\.(?:ts|astro)$/.test(file))
    .map((file) => `/${file.split(sep).join('/')}`.replace(/\.(?:ts|astro)$/, '').replace(/\/index$/, '') || '/')
    .map((route) =>
      route.replace(/\[\.\.\.\w+\]/, 'no/such').replace(/\[\w+\]/g, '5f0c9a52-0000-4000-8000-000000000000'),
    )
}

/** What a file that anyone may have is called by, before the way back out of it. */
const OPEN = ['/_astro', '/_astro/x.js', '/icon.svg', '/offline', '/sw.js', '/enter', '/x']
const DOTS = ['..', '%2e%2e', '.%2e', '%2E.', '%252e%252e', '..;', '.\t.', '..%00', '%c0%ae%c0%ae', '..%20']
const SLASHES = ['/', '\\', '%2f', '%5c', '//', '/./', '/%2e/', '/;/', '%252f', '/\t', '%00/']

const percent = (text: string) =>
  [...text].map((letter) => `%${letter.charCodeAt(0).toString(16).padStart(2, '0')}`).join('')

/** More than three hundred spellings of one path, that it is also written plainly left out. */
export function spellingsOf(path: string): string[] {
  const out = OPEN.flatMap((open) =>
    DOTS.flatMap((dots) => SLASHES.map((slash) => `${open}${slash}${dots}${path.replace('/', slash)}`)),
  )
  const inside = [...path].flatMap((letter, at) =>
    letter === '/' ? [] : [path.slice(0, at) + percent(letter) + path.slice(at + 1)],
  )
  const round = [
    ...SLASHES.map((slash) => `/x${slash}..${slash}${path.slice(1)}`),
    ...SLASHES.filter((slash) => slash !== '/').flatMap((slash) => [path.replaceAll('/', slash), slash + path]),
    ...['/.', '/./', '//', '/%20/..', '\t', ' ', '\u00a0', '/\n', '/\r\nx: y'].map((before) => before + path),
    ...['/.', '/..', '//', '%00', '%0a', '#x', '\\', '%2f', '/%2e'].map((after) => path + after),
    ...['http://x', 'http://x:1', '//x', '/\\x', '@x', 'x', '', 'javascript:', '*'].map((before) => before + path),
    path.replace('/', '／'),
    `/${percent(path.slice(1))}`,
  ]
  return [...new Set([...out, ...inside, ...round])].filter((spelling) => spelling !== path)
}
