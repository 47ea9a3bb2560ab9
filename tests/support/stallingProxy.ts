import { connect, createServer, type AddressInfo, type Socket } from 'node:net'

/** Something between a browser and its server that may stop passing on what a stream says, without closing it. */
export interface StallingProxy {
  url: string
  /**
   * From now on the streams that are open stay open, and nothing comes out of them any more; new ones are as good as ever. Gives back how
   * many there are.
   */
  stall: () => number
  stop: () => Promise<void>
}

export async function stallingProxy(to: string): Promise<StallingProxy> {
  const { hostname, port } = new URL(to)
  const sockets = new Set<Socket>()
  const streams = new Set<Socket>()
  const server = createServer((browser) => {
    const upstream = connect(Number(port), hostname)
    for (const socket of [browser, upstream]) {
      sockets.add(socket)
      socket.on('error', () => socket.destroy())
      socket.once('close', () => sockets.delete(socket))
    }
    browser.on('data', (asked: Buffer) => asked.includes('GET /api/events') && streams.add(upstream))
    browser.pipe(upstream)
    upstream.pipe(browser)
  })
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    stall: () => {
      const open = streams.size
      for (const stream of streams) stream.unpipe()
      streams.clear()
      return open
    },
    stop: async () => {
      const closed = new Promise((done) => server.close(done))
      for (const socket of sockets) socket.destroy()
      await closed
    },
  }
}
