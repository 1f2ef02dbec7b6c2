import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react()],
  // scripts/serve.ts checks where a request comes from; Astro would take the address for another behind it.
  security: { checkOrigin: false },
  devToolbar: { enabled: false },
  vite: { build: { chunkSizeWarningLimit: 900 } },
})
