import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'
import { fileURLToPath } from 'node:url'

/**
 * Modules of packages in whose place ours stand: fields with one id each, and no styles that are written into the
 * middle of a page, since the theme's variables come with the style sheets.
 */
const OURS: readonly (readonly [from: string, to: string])[] = [
  ['/use-id/use-id.mjs', 'src/ui/fieldId.ts'],
  ['/MantineCssVariables/MantineCssVariables.mjs', 'src/ui/noStyles.ts'],
  ['/MantineClasses/MantineClasses.mjs', 'src/ui/noStyles.ts'],
]

const ours = {
  name: 'ours',
  enforce: 'pre' as const,
  resolveId(source: string, importer: string | undefined) {
    const path = importer?.includes('/@mantine/') && OURS.find(([from]) => source.endsWith(from))?.[1]
    return path ? fileURLToPath(new URL(path, import.meta.url)) : undefined
  },
}

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
    plugins: [ours, icons],
  },
})
