import { request } from 'node:http'
import { networkInterfaces } from 'node:os'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ApiProblem } from '#shared/types/api'
import { startApiApp, type ApiApp } from '../testing/apiApp'
import { hostName, networkNames, ownNames } from './ownNames'

let app: ApiApp
beforeAll(async () => (app = await startApiApp()))
afterAll(() => app.close())

/** Asks with a Host header of one's own, which fetch does not let anybody set. */
function askAs(host: string, method = 'GET', path = '/api/time') {
  return new Promise<{ status: number; body: string }>((done, fail) => {
    const asked = request(`${app.url}${path}`, { method, headers: { host } }, (answer) => {
      let body = ''
      answer.on('data', (part: Buffer) => (body += part.toString()))
      answer.on('end', () => done({ status: answer.statusCode!, body }))
    })
    asked.on('error', fail)
    asked.end()
  })
}

describe('a name that points here but is another site’s', () => {
  it.each(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])(
    'gets nothing by %s',
    async (method) => {
      const answer = await askAs('rebound.example:3000', method)
      expect(answer.status).toBe(403)
      expect(answer.body).not.toContain('groups')
    },
  )

  it.each([
    'rebound.example',
    'localhost.rebound.example',
    '127.0.0.1.rebound.example',
    '127.0.0.1@rebound.example',
    'localhost:3000/rebound.example',
    '0x7f000001',
    '2130706433',
    '203.0.113.7',
  ])('gets nothing as %s', async (host) => {
    expect((await askAs(host)).status).toBe(403)
  })

  it('hears what to do', async () => {
    const { error } = JSON.parse((await askAs('lab.tidewick.example')).body) as ApiProblem
    expect(error).toMatchObject({
      code: 'not-allowed',
      message: expect.stringContaining('JOLLY_NAMES') as string,
    })
  })
})

describe('this machine', () => {
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all!.map((one) => one.address))
  it.each([
    'localhost',
    'LOCALHOST:3000',
    'localhost.',
    '127.0.0.1:8080',
    '[::1]:3000',
    ...addresses.filter((one) => !one.includes(':')),
  ])('answers as %s', async (host) => {
    expect((await askAs(host)).status).toBe(200)
  })

  it('goes by the names that it was given, too', () => {
    const names = ownNames({ JOLLY_NAMES: 'Lab.tidewick.example, beaker' })
    expect(names).toContain('lab.tidewick.example')
    expect(names).toContain('beaker')
    expect(ownNames({})).not.toContain('beaker')
  })
})

it('tells other devices’ way here only where it listens to them', () => {
  for (const host of [undefined, '127.0.0.1', 'localhost', '::1'])
    expect(networkNames({ JOLLY_HOST: host })).toEqual([])
  expect(networkNames({ JOLLY_NAMES: 'tidewick.example' })).toEqual(['tidewick.example'])
  const names = networkNames({ JOLLY_HOST: '0.0.0.0', JOLLY_NAMES: 'lab.tidewick.example' })
  expect(names[0]).toBe('lab.tidewick.example')
  expect(names).not.toContain('127.0.0.1')
})

it('a Host header that says no name is none', () => {
  for (const header of [undefined, '', 'a b', 'http://localhost', 'localhost:x', '[::1', 'user@localhost'])
    expect(hostName(header)).toBeNull()
})
