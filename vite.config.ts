import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/** What makes it a program of its own: once visited all of it is kept, and works with no server; a newer one is offered, never put in place unasked. */
const installed = {
  strategies: 'generateSW',
  registerType: 'prompt',
  injectRegister: null,
  manifest: {
    name: 'Ample Motif',
    short_name: 'Ample Motif',
    description: 'Designs crocheted bag bodies, and leads the hook along.',
    theme_color: '#1d4a41',
    background_color: '#f1f3ee',
    display: 'standalone',
    start_url: '/',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{html,js,css,svg,png,json,woff2,z,icc}'],
    globIgnores: ['.vite/**'],
    // What has a hash in its name needs no other.
    dontCacheBustURLsMatching: /^assets\//,
    maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
    navigateFallback: '/index.html',
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    // What follows from the build alone: no clock and no place in it.
    sourcemap: false,
  },
} satisfies Parameters<typeof VitePWA>[0]

export default defineConfig({
  plugins: [
    vue(),
    Components({ dirs: [], dts: 'src/app/components.d.ts', resolvers: [ElementPlusResolver()] }),
    VitePWA(installed),
  ],
  resolve: {
    alias: [
      { find: /^@core\/([a-z-]+)$/, replacement: here('./src/core/$1/index.ts') },
      { find: '@app', replacement: here('./src/app') },
      { find: '@demo', replacement: here('./demo') },
    ],
  },
  worker: { format: 'es' },
  // The PDF maker with its fonts is large, and loaded only when a PDF is made.
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    outDir: 'dist',
    manifest: true,
    chunkSizeWarningLimit: 2000,
    rolldownOptions: { checks: { pluginTimings: false } },
  },
  server: { port: 5173 },
})
