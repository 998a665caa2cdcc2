import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { build, type Plugin } from 'vite'
import { whereDeviceLies } from './device'

const keeps = /\.(js|css|woff2|svg|png|webmanifest)$/

/** What the worker keeps of a build: files named after their content as they are, the others with what tells them apart. */
function filesOf(folder: string) {
  const names = readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) =>
    name.replaceAll('\\', '/'),
  )
  return (
    names
      // Core for the device is kept apart: pages are kept also where it does not come.
      .filter((url) => keeps.test(url) && url !== 'sw.js' && !url.startsWith('device/'))
      .map((url) => ({ revision: url.startsWith('assets/') ? null : revisionOf(join(folder, url)), url }))
  )
}

const revisionOf = (file: string) =>
  createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 32)

/** Builds src/sw.ts once the pages are written, with the list of their files in it (self.__WB_MANIFEST). */
export function serviceWorker(): Plugin {
  let folder = ''
  return {
    name: 'service-worker',
    apply: 'build',
    configResolved: (config) => void (folder = config.build.outDir),
    closeBundle: async () => {
      await build({
        configFile: false,
        publicDir: false,
        logLevel: 'warn',
        define: { ...whereDeviceLies(), 'self.__WB_MANIFEST': JSON.stringify(filesOf(folder)) },
        build: {
          outDir: folder,
          emptyOutDir: false,
          rolldownOptions: { input: 'src/sw.ts', output: { format: 'iife', entryFileNames: 'sw.js' } },
        },
      })
    },
  }
}
