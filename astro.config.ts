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
    build: { chunkSizeWarningLimit: 900, minify: 'terser', terserOptions: { compress: { passes: 2 } } },
    plugins: [ours],
  },
})
