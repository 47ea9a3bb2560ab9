import { createServer, type RequestListener, type Server, type ServerResponse } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { createProxyServer } from 'httpxy'
import { hostName } from '../../server/access/ownNames'

/**
 * A server that hands each request to the program of the school whose name was asked for, and refuses every other name. It looks at
 * nothing else: what a visitor may do is for the school's own program to say.
 * @param portOf the port of a school's program on this machine; undefined where no school has this name
 */
export function makeFrontDoor(
  portOf: (name: string) => number | undefined,
  certificate: { cert: string; key: string } | null,
): Server {
  const proxy = createProxyServer({ xfwd: true })
  const answer: RequestListener = (request, response) => {
    const port = portOf(hostName(request.headers.host) ?? '')
    if (port === undefined) return end(response, 404, 'No school has this address here.')
    // Only this door says where somebody comes from.
    for (const header of Object.keys(request.headers))
      if (header.startsWith('x-forwarded-') || header === 'forwarded') delete request.headers[header]
    const target = `http://127.0.0.1:${port}`
    proxy.web(request, response, { target }).catch(() => whileStarting(response))
  }
  const server = certificate ? createSecureServer(certificate, answer) : createServer(answer)
  // A body that comes too slowly holds no connection.
  server.headersTimeout = 20_000
  server.requestTimeout = 120_000
  return server
}

/** A school's program is started again within seconds; a page asks again by itself. */
function whileStarting(response: ServerResponse): void {
  if (response.headersSent) return void response.destroy()
  response.setHeader('retry-after', '5')
  end(response, 503, 'This school’s program is starting. Try again in a few seconds.')
}

function end(response: ServerResponse, status: number, text: string): void {
  response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8', 'cache-control': 'no-store' })
  response.end(text)
}
