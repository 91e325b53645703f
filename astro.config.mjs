import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig } from 'astro/config'

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  devToolbar: { enabled: false },
  server: { host: '127.0.0.1' },
  vite: { build: { chunkSizeWarningLimit: 1500 } },
})
