// What the formatter leaves alone in C# files: how their lines break, how they end, and namespaces of a whole file.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const files = ['src', 'tests', 'bench']
  .flatMap((folder) => readdirSync(folder, { recursive: true }).map((name) => join(folder, name)))
  .filter((file) => file.endsWith('.cs') && !/[\\/](obj|bin)[\\/]/.test(file))
const wrong = files.filter((file) => {
  const text = readFileSync(file, 'utf8')
  return text.startsWith('\uFEFF') || text.includes('\r') || (text !== '' && !text.endsWith('\n')) || /^namespace [^;]*$/m.test(text)
})
if (files.length === 0 || wrong.length > 0) {
  console.error(files.length === 0 ? 'No C# files were found.' : `Lines end in LF, files in one, none begins with a byte order mark, and a namespace is a whole file's:\n${wrong.join('\n')}`)
  process.exit(1)
}
