import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { compression } from 'vite-plugin-compression2'
import { serviceWorker } from './serviceWorker'

export default defineConfig({
  plugins: [
    vue(),
    serviceWorker(),
    // Written small once, at the build, and sent so by the server; the page itself is filled in for each who asks.
    compression({
      algorithms: ['brotliCompress', 'gzip'],
      include: /\.(js|css|svg|json|webmanifest)$/,
      threshold: 1000,
    }),
  ],
  // Fonts stay files of their own: the content policy allows no data: fonts.
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
})
