import '#nitro-internal-pollyfills'
import { createServer, type RequestListener } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { toNodeListener } from 'h3'
import { useNitroApp } from 'nitropack/runtime'
import { isLoopback } from './access/address'
import { signInMode } from './access/visitor'
import { databaseSettings } from './database/client'
import { logProblem } from './errors/logProblem'
import { useHub } from './live/hub'
import { readCertificate } from './running/certificate'
import { databaseIsOpen } from './running/database'
import { exitWith } from './running/exitWith'
import { startWatchdog } from './running/startWatchdog'
import { stopInTime } from './running/stopInTime'

// The built application: it listens once its data are open, and stops in time.
const nitro = useNitroApp()
process.on('unhandledRejection', logProblem)
process.on('uncaughtException', logProblem)
await databaseIsOpen()
void startWatchdog()

const host = process.env.JOLLY_HOST || '127.0.0.1'
// Whoever reaches it over the network must have a way in, and everybody else none.
if (!isLoopback(host) && host !== 'localhost' && (await signInMode()) !== 'on')
  exitWith(
    'Jolly Beaker listens on a network only once teachers sign in. Start it without JOLLY_HOST and open it on this machine to set that up, or run: npm run passphrase -- "Your name"',
  )
const port = Number(process.env.JOLLY_PORT || 3000)
const answer = toNodeListener(nitro.h3App)
const certificate = readCertificate(databaseSettings().folder)
const answerAll: RequestListener = (request, response) => {
  // Pages and data have policies of their own; these are for everything else.
  response.setHeader('x-content-type-options', 'nosniff')
  response.setHeader(
    'content-security-policy',
    "default-src 'self'; base-uri 'none'; frame-ancestors 'none'; object-src 'none'",
  )
  void answer(request, response)
}
const server = certificate ? createSecureServer(certificate, answerAll) : createServer(answerAll)
// A body that comes too slowly holds no connection: the slowest is a photo over a poor network.
server.headersTimeout = 20_000
server.requestTimeout = 120_000
server.once('error', (error: NodeJS.ErrnoException) =>
  exitWith(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is in use by another program. Close it, or set JOLLY_PORT to another port.`
      : `Jolly Beaker cannot be reached at ${host}:${port} (${error.code ?? error.message}). Look at JOLLY_HOST and JOLLY_PORT.`,
  ),
)
server.listen(port, host, () =>
  process.stdout.write(`Listening on ${certificate ? 'https' : 'http'}://${host}:${port}\n`),
)

stopInTime(async () => {
  const closed = new Promise((done) => server.close(done))
  // Open streams would keep it from stopping.
  useHub().close()
  server.closeIdleConnections()
  await closed
  await nitro.hooks.callHook('close')
})
