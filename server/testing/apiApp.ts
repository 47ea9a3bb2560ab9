/// <reference types="vite/client" />
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createApp, createRouter, toNodeListener, type EventHandler, type RouterMethod } from 'h3'
import { firstOf } from '#core/defined'
import type { Right } from '../access/rights'
import { openDatabase, setDatabase } from '../database/client'
import type { OpenDatabase } from '../database/database'
import { LiveHub, setHub } from '../live/hub'
import { serveThisDeviceOnly } from '../queries/people/schoolAccess'
import access from '../middleware/access'
import { anEmptySchool } from './emptySchool'

const files = import.meta.glob<EventHandler & { right?: Right }>(['../api/**/*.ts', '!../api/**/*.test.ts'], {
  eager: true,
  import: 'default',
})

/** Sends JSON and gives back status and body. */
type Call = <T = unknown>(
  method: string,
  path: string,
  body?: unknown,
) => Promise<{ status: number; body: T }>

/** What keeps a cookie between two requests. */
export interface Browser {
  call: Call
  cookie: () => string
}

/** The server's routes on a database of their own, reached by HTTP on loopback. */
export interface ApiApp {
  url: string
  database: OpenDatabase
  close: () => Promise<void>
  call: Call
  /** A browser of its own, which keeps its cookie. */
  browser: () => Browser
}

/** Every route with the right that it asks for; one that says none has none. */
export const routes = Object.entries(files).map(([file, handler]) => ({
  file,
  ...routeOf(file),
  right: handler.right,
}))

/**
 * Starts every route of server/api under the address that its file name says.
 * @param isSetUp whether it serves whoever sits at it, without a passphrase; else nobody has said yet how people come in
 */
export async function startApiApp(isSetUp = true): Promise<ApiApp> {
  const database = await openDatabase(await anEmptySchool())
  setDatabase(database)
  if (isSetUp) await serveThisDeviceOnly(database.db, 'Tidewick School')
  const hub = new LiveHub(database)
  await hub.start()
  setHub(hub)
  const app = createApp()
  app.use(access)
  const router = createRouter()
  for (const [file, handler] of Object.entries(files)) {
    const { path, method } = routeOf(file)
    router.add(path, handler, method)
  }
  app.use(router)
  const serving = createServer(toNodeListener(app))
  // A test that works for seconds between two requests, in this same process, finds its connection still open.
  serving.keepAliveTimeout = 15_000
  const server = await listen(serving)
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  return {
    url,
    database,
    call: browserAt(url).call,
    browser: () => browserAt(url),
    close: async () => {
      hub.close()
      setHub(null)
      setDatabase(null)
      server.closeAllConnections()
      await new Promise((done) => server.close(done))
      await database.close()
    },
  }
}

function routeOf(file: string): { path: string; method: RouterMethod | undefined } {
  const parts = /^\.\.\/api\/(?<path>.*?)(?:\.(?<method>get|post|put|patch|delete))?\.ts$/.exec(file)!.groups!
  const path = parts
    .path!.replace(/(^|\/)index$/, '')
    .replace(/\[\.\.\.\]/, '**')
    .replace(/\[(\w+)\]/g, ':$1')
  return { path: `/api/${path}`.replace(/\/$/, ''), method: parts.method as RouterMethod | undefined }
}

function browserAt(url: string): Browser {
  let cookie = ''
  return {
    cookie: () => cookie,
    call: async <T>(method: string, path: string, body?: unknown) => {
      const response = await fetch(url + path, {
        method,
        headers: {
          ...(cookie ? { cookie } : {}),
          ...(body === undefined ? {} : { 'content-type': 'application/json', origin: url }),
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      })
      const [set] = response.headers.getSetCookie()
      if (set !== undefined) cookie = firstOf(set.split(';'))
      const text = await response.text()
      return { status: response.status, body: (isJson(response) ? JSON.parse(text) : text) as T }
    },
  }
}

const isJson = (response: Response) =>
  (response.headers.get('content-type') ?? 'application/json').includes('json')

function listen(server: Server): Promise<Server> {
  return new Promise((done) => server.listen(0, '127.0.0.1', () => done(server)))
}
