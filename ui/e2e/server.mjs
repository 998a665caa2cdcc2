// Serves the demo yard of a fixed day for the browser tests, with a switch between the server and its
// database: POST to /cut or /mend on the port after the server's.
import { spawn } from 'node:child_process'
import { createServer as createHttp } from 'node:http'
import { connect, createServer } from 'node:net'

const port = Number(process.argv[2])
const database = process.env.HIPPODROME_TEST_DATABASE
if (!database) {
  console.error('The browser tests need a PostgreSQL of their own: run them with ./hippodrome test.')
  process.exit(1)
}
const real = Number(/Port=(\d+)/.exec(database)[1])
const root = new URL('../..', import.meta.url).pathname

let open = true
const wires = new Set()
const proxy = createServer((from) => {
  if (!open) return from.destroy()
  const to = connect(real, '127.0.0.1')
  for (const [a, b] of [
    [from, to],
    [to, from],
  ]) {
    wires.add(a)
    a.pipe(b)
    a.on('error', () => b.destroy())
    a.on('close', () => {
      wires.delete(a)
      b.destroy()
    })
  }
})
await new Promise((done) => proxy.listen(0, '127.0.0.1', done))

createHttp((request, response) => {
  open = request.url !== '/cut'
  if (!open) wires.forEach((wire) => wire.destroy())
  response.end()
}).listen(port + 1, '127.0.0.1')

const server = spawn(
  'dotnet',
  [
    `${root}src/Hippodrome.Server/bin/Release/net10.0/Hippodrome.Server.dll`,
    '--demo',
    'true',
    '--urls',
    `http://127.0.0.1:${port}`,
  ],
  {
    stdio: 'inherit',
    env: {
      ...process.env,
      HIPPODROME_DATABASE: database
        .replace(/Port=\d+/, `Port=${proxy.address().port}`)
        .replace('Database=postgres', 'Database=hippodrome'),
      HIPPODROME_UI: `${root}ui/dist`,
      HIPPODROME_TODAY: '2026-04-18',
      ASPNETCORE_ENVIRONMENT: 'Production',
    },
  },
)
server.on('exit', (code) => process.exit(code ?? 1))
for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, () => server.kill('SIGTERM'))
