import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'
import { fileURLToPath } from 'node:url'

/** One id for each field (`src/ui/fieldId.ts`). */
const fieldIds = {
  name: 'field-ids',
  enforce: 'pre' as const,
  resolveId: (source: string, importer: string | undefined) =>
    source.endsWith('/use-id/use-id.mjs') && importer?.includes('@mantine/hooks')
      ? fileURLToPath(new URL('src/ui/fieldId.ts', import.meta.url))
      : undefined,
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
  vite: { build: { chunkSizeWarningLimit: 900 }, plugins: [fieldIds] },
})
