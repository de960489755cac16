import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vite'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  plugins: [
    vue(),
    Components({ dirs: [], dts: 'src/app/components.d.ts', resolvers: [ElementPlusResolver()] }),
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
