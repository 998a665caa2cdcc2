import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { compression } from 'vite-plugin-compression2'
import { VitePWA } from 'vite-plugin-pwa'

export default defineConfig({
  plugins: [
    vue(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      injectRegister: null,
      injectManifest: { globPatterns: ['**/*.{js,css,woff2,svg,png}'] },
      manifest: {
        name: 'Hippodrome',
        short_name: 'Hippodrome',
        description: 'The working book of a sport-horse trainer.',
        lang: 'en-GB',
        start_url: '/',
        display: 'standalone',
        background_color: '#fbf8f2',
        theme_color: '#1e2b28',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
    }),
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
