// @module-tag postgres: only a server has several programs
import { connect, createServer, type Socket, type AddressInfo } from 'node:net'
import { sql } from 'drizzle-orm'
import { expect, it } from 'vitest'
import { watchDatabase } from '../../running/watchDatabase'
import { anEmptySchool } from '../../testing/emptySchool'
import { classInput } from '../../testing/examples'
import { createClass, listClasses } from '../../queries/classes'
import { openDatabase } from '../client'

// Only on a server of PostgreSQL.

it('several programs may start at once on an empty database, and each finds all tables', async () => {
  const settings = await anEmptySchool()
  const opened = await Promise.all(Array.from({ length: 4 }, () => openDatabase(settings)))
  await Promise.all(opened.map(({ db }, index) => createClass(db, classInput({ name: `Class ${index}` }))))
  for (const { db } of opened) expect(await listClasses(db, undefined)).toHaveLength(4)
  await Promise.all(opened.map((one) => one.close()))
})

it('every statement has a time limit', async () => {
  const { url, ...settings } = await anEmptySchool()
  const opened = await openDatabase({ ...settings, url })
  const [{ timeout }] = (await opened.db.execute(
    sql`select current_setting('statement_timeout') as timeout`,
  )) as unknown as [{ timeout: string }]
  expect(timeout).toBe('15s')
  await opened.db.execute(sql`select pg_sleep(0.2)`)
  await opened.close()
})

it('a server that says nothing any more ends the program; one that is back in time does not', async () => {
  const settings = await anEmptySchool()
  const way = await wayTo(new URL(settings.url!))
  const opened = await openDatabase({ ...settings, url: way.url })
  const ends: string[] = []
  const watch = watchDatabase(opened, 3000, (why) => ends.push(why))
  way.hold(true)
  await new Promise((next) => setTimeout(next, 1500))
  way.hold(false)
  await opened.ask()
  expect(ends).toEqual([])
  way.hold(true)
  await expect.poll(() => ends[0]).toMatch(/has not answered.*Look at the database server/)
  watch.stop()
  way.hold(false)
  await opened.close()
  way.close()
})

/** A way to a server over which nothing comes while it is held up. */
async function wayTo(server: URL): Promise<{ url: string; hold: (on: boolean) => void; close: () => void }> {
  const sockets = new Set<Socket>()
  let held = false
  const proxy = createServer((here) => {
    const there = connect(Number(server.port), server.hostname)
    for (const [from, to] of [
      [here, there],
      [there, here],
    ] as const) {
      sockets.add(from)
      from.pipe(to)
      from.on('error', () => to.destroy())
      from.on('close', () => sockets.delete(from))
      if (held) from.pause()
    }
  })
  await new Promise<void>((done) => proxy.listen(0, '127.0.0.1', done))
  const url = new URL(server)
  url.port = String((proxy.address() as AddressInfo).port)
  return {
    url: url.href,
    hold: (on) => {
      held = on
      for (const socket of sockets)
        if (on) socket.pause()
        else socket.resume()
    },
    close: () => {
      for (const socket of sockets) socket.destroy()
      proxy.close()
    },
  }
}
