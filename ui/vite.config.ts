import unocss from '@unocss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { compression } from 'vite-plugin-compression2'
import { device } from './device'
import { serviceWorker } from './serviceWorker'

export default defineConfig({
  plugins: [
    vue(),
    unocss(),
    device(),
    serviceWorker(),
    // Written small once, at the build, and sent so by the server; the page itself is filled in for each who asks.
    compression({
      algorithms: ['brotliCompress', 'gzip'],
      include: /\.(js|css|svg|json|webmanifest|wasm)$/,
      threshold: 1000,
    }),
  ],
  // Fonts stay files of their own: the content policy allows no data: fonts.
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: {
        // What every page needs comes in two files and not in thirty: over a slow line each is a wait of its own.
        codeSplitting: {
          groups: [
            {
              name: 'vendor',
              test: /node_modules[\\/](@vue|vue|vue-router|@tanstack|openapi-fetch|dayjs|idb)[\\/]/,
              priority: 2,
            },
            {
              name: 'house',
              test: new RegExp(
                String.raw`src[\\/](api|house)[\\/](client|jobs|newest|keys|queries|format|words|signIn|faults|undo` +
                  String.raw`|waiting|LoadingLines|GaitChip|MinutesBar|ProblemNote|ChipRow|WhyButton|LinkButton)\b`,
              ),
              priority: 1,
            },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
})
