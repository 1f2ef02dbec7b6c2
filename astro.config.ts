import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'
import { fileURLToPath } from 'node:url'
import { messages } from './scripts/words/macros'

const ICONS = '@tabler/icons-react'

/**
 * Our names of icons as one import each. Behind the one name of their package stand six thousand modules, which would
 * all be read for each build.
 */
const icons = {
  name: 'icons',
  enforce: 'pre' as const,
  transform(code: string, id: string) {
    if (!id.includes('/src/') || !code.includes(ICONS)) return undefined
    return code.replace(/import \{([^}]+)\} from '@tabler\/icons-react'/g, (_, names: string) =>
      names
        .split(',')
        .flatMap((name) => (name.trim() === '' ? [] : [`import ${name.trim()} from '${ICONS}/icons/${name.trim()}'`]))
        .join('; '),
    )
  },
}

const HOOKS = '@mantine/hooks'
const ourHooks = fileURLToPath(new URL('src/ui/mantineHooks.ts', import.meta.url))

/** Mantine's hooks with one of our own among them, which saves up to half of the time that a view is blocked at first. */
const hooks = {
  name: 'hooks',
  enforce: 'pre' as const,
  resolveId: (source: string, importer?: string) => (source === HOOKS && importer !== ourHooks ? ourHooks : undefined),
}

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  // Streamed, large parts would come hidden and need a script to be shown.
  integrations: [react({ experimentalDisableStreaming: true })],
  // src/server/guard.ts checks where a request comes from; behind it, Astro would take the address for another.
  security: { checkOrigin: false },
  // The next view is fetched as soon as its link is pointed at.
  prefetch: { prefetchAll: true, defaultStrategy: 'hover' },
  devToolbar: { enabled: false },
  vite: {
    build: {
      chunkSizeWarningLimit: 900,
      // Compressed once more below (scripts/precompress.ts); nobody reads these sizes.
      reportCompressedSize: false,
      minify: 'terser',
      // Browsers that know modules know what the language had by 2020, in fewer letters.
      terserOptions: { ecma: 2020, safari10: false, compress: { passes: 2 } },
    },
    plugins: [messages, icons, hooks],
  },
})
