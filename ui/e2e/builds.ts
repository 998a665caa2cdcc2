import { cp, mkdtemp, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const dist = new URL('../dist/', import.meta.url).pathname

/**
 * Puts another build in the place of the one that is served, as an update of the server does: the same pages under
 * other file names, and none of the former ones. Answers how to put the first one back.
 */
export async function anotherBuild(): Promise<() => Promise<void>> {
  const kept = await mkdtemp(join(tmpdir(), 'build-'))
  await cp(dist, kept, { recursive: true })
  const assets = join(dist, 'assets')
  const names = (await readdir(assets)).filter((n) => /-[\w-]{8}\.\w+$/.test(n))
  const newer = (name: string) => name.replace(/(\.\w+)$/, 'x$1')
  for (const name of names) await rename(join(assets, name), join(assets, newer(name)))
  const texts = [
    ...['index.html', 'sw.js'].map((n) => join(dist, n)),
    ...names.filter((n) => /\.(js|css)$/.test(n)).map((n) => join(assets, newer(n))),
  ]
  for (const path of texts) {
    const before = await readFile(path, 'utf8')
    await writeFile(
      path,
      names.reduce((text, name) => text.replaceAll(name, newer(name)), before),
    )
  }
  return async () => {
    await rm(dist, { recursive: true })
    await cp(kept, dist, { recursive: true })
    await rm(kept, { recursive: true })
  }
}
