// How C# files end and their lines break: the one part of their layout that the build does not look at (IDE0055).
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const files = ['src', 'tests', 'bench']
  .flatMap((folder) => readdirSync(folder, { recursive: true }).map((name) => join(folder, name)))
  .filter((file) => file.endsWith('.cs') && !/[\\/](obj|bin)[\\/]/.test(file))
const wrong = files.filter((file) => {
  const text = readFileSync(file, 'utf8')
  return text.startsWith('\uFEFF') || text.includes('\r') || (text !== '' && !text.endsWith('\n'))
})
if (files.length === 0 || wrong.length > 0) {
  console.error(files.length === 0 ? 'No C# files were found.' : `Lines end in LF, files in one, and none begins with a byte order mark:\n${wrong.join('\n')}`)
  process.exit(1)
}
