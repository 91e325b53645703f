import { randomUUID } from 'node:crypto'
import { fileURLToPath } from 'node:url'
import node from '@astrojs/node'
import react from '@astrojs/react'
import { defineConfig, passthroughImageService } from 'astro/config'
import { chunks } from './scripts/chunks/chunks.ts'
import { straightImports } from './scripts/chunks/straight-imports.ts'
import { bundleServer } from './scripts/bundle-server.ts'
import { grammars } from './scripts/grammars.ts'
import { withoutJsonSchema } from './scripts/without-json-schema.ts'

const server = { name: 'vicinor-server', hooks: { 'astro:build:done': bundleServer } }

// Tells one build from another: what a page was made by, and what answers it now.
const build = JSON.stringify(randomUUID())

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react(), server],
  devToolbar: { enabled: false },
  // No page has a picture to make smaller: what would do it is not installed.
  image: { service: passthroughImageService() },
  // Its colours would be styles in the page.
  markdown: { syntaxHighlight: false },
  // Writes must be JSON (see server/http/respond.ts), which other sites cannot send without asking; the answer says so in JSON.
  security: { checkOrigin: false },
  server: { host: '127.0.0.1' },
  experimental: {
    // No script runs that the build did not make. For styles see middleware.ts.
    csp: {
      directives: [
        "default-src 'self'",
        "img-src 'self' data: blob:",
        "media-src 'self' data: blob:",
        "font-src 'self' data:",
        "connect-src 'self'",
        "worker-src 'self' blob:",
        "object-src 'none'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'",
      ],
    },
  },
  vite: {
    plugins: [withoutJsonSchema, grammars, straightImports, chunks],
    define: { 'import.meta.env.BUILD': build },
    build: { chunkSizeWarningLimit: 1500 },
    // Workers are bundled apart from the pages, and need to be told the path of tsconfig.json again.
    resolve: { alias: { '@core': fileURLToPath(new URL('./src/core', import.meta.url)) } },
    worker: { format: 'es', plugins: () => [withoutJsonSchema, grammars] },
  },
})
