import { createHash } from 'node:crypto'
import { cpSync, readFileSync } from 'node:fs'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

const ink = '#14181b'
const contract = createHash('sha256').update(readFileSync('src/api/nerezza.json')).digest('hex').slice(0, 12)
/** Core, compiled for the page. */
const rules = '../src/Nerezza.Page/bin/page/wwwroot/_framework'

export default defineConfig({
  plugins: [
    react(),
    { name: 'rules-for-the-page', writeBundle: () => cpSync(rules, 'dist/page', { recursive: true }) },
    VitePWA({
      // A new version waits until it is asked for: a session at hand goes on with the one it was opened with.
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Nerezza',
        short_name: 'Nerezza',
        description: 'Measure, find out why, choose, prescribe, run the session, learn from the log.',
        start_url: '/',
        display: 'standalone',
        background_color: ink,
        theme_color: ink,
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{html,js,css,woff2,svg,png,wasm,json,webmanifest}'],
        // Core, compiled for the page, is the largest.
        maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
        // One page stands for every address but those of the server's answers; it is kept as the server gives it, with the nonce that goes
        // with its policy.
        navigateFallback: '/',
        navigateFallbackDenylist: [/^\/(api|health|page|assets)\//],
        manifestTransforms: [
          (entries) => ({ manifest: entries.map((entry) => (entry.url === 'index.html' ? { ...entry, url: '/' } : entry)), warnings: [] }),
        ],
        // From the first visit on, so that a network that goes an hour later is not missed.
        clientsClaim: true,
      },
    }),
  ],
  define: { 'import.meta.env.VITE_CONTRACT': JSON.stringify(contract) },
  build: { target: 'es2022', assetsInlineLimit: 0 },
})
