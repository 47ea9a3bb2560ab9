/// <reference types="vite/client" />
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createApp, createRouter, toNodeListener, type EventHandler, type RouterMethod } from 'h3'
import { openDatabase, setDatabase } from '../database/client'
import type { OpenDatabase } from '../database/database'
import { LiveHub, setHub } from '../live/hub'
import access from '../middleware/access'
import { anEmptySchool } from './emptySchool'

const files = import.meta.glob<EventHandler>(['../api/**/*.ts', '!../api/**/*.test.ts'], {
  eager: true,
  import: 'default',
})

/** The server's routes on a database of their own, reached by HTTP on loopback. */
export interface ApiApp {
  url: string
  database: OpenDatabase
  close: () => Promise<void>
  /** Sends JSON and gives back status and body. */
  call: <T = unknown>(method: string, path: string, body?: unknown) => Promise<{ status: number; body: T }>
}

/** Starts every route of server/api under the address that its file name says. */
export async function startApiApp(): Promise<ApiApp> {
  const database = await openDatabase(await anEmptySchool())
  setDatabase(database)
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
  const server = await listen(createServer(toNodeListener(app)))
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  return {
    url,
    database,
    call: async <T>(method: string, path: string, body?: unknown) => {
      const response = await fetch(url + path, {
        method,
        ...(body === undefined
          ? {}
          : { body: JSON.stringify(body), headers: { 'content-type': 'application/json', origin: url } }),
      })
      return { status: response.status, body: (await response.json()) as T }
    },
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

function listen(server: Server): Promise<Server> {
  return new Promise((done) => server.listen(0, '127.0.0.1', () => done(server)))
}
