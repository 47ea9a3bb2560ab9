import { X509Certificate } from 'node:crypto'
import { once } from 'node:events'
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { createServer, get } from 'node:https'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { makeCertificate, readCertificate } from './certificate'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const names = ['localhost', '127.0.0.1', '::1', 'lab.tidewick.example']

it('a folder has no certificate until one is made', () => {
  expect(readCertificate(folder)).toBeNull()
})

it('the certificate is for every name of the machine, and only its owner reads the key', async () => {
  const file = await makeCertificate(folder, names)
  const certificate = new X509Certificate(readFileSync(file))
  for (const name of ['localhost', 'lab.tidewick.example']) expect(certificate.checkHost(name)).toBe(name)
  for (const address of ['127.0.0.1', '::1']) expect(certificate.checkIP(address)).toBe(address)
  expect(certificate.checkHost('elsewhere.example')).toBeUndefined()
  expect(statSync(join(folder, 'https', 'key.pem')).mode & 0o077).toBe(0)
})

it('a device that trusts it reaches the machine, and one that does not is warned', async () => {
  const file = await makeCertificate(folder, names)
  const server = createServer(readCertificate(folder)!, (_request, response) => response.end('in'))
  server.listen(0, '127.0.0.1')
  await once(server, 'listening')
  const { port } = server.address() as AddressInfo
  const ask = (ca?: Buffer) =>
    new Promise<string>((done) =>
      get({ host: '127.0.0.1', port, ca, agent: false }, (answer) => {
        answer.resume()
        done('in')
      }).on('error', (error: NodeJS.ErrnoException) => done(error.code ?? error.message)),
    )
  expect(await ask(readFileSync(file))).toBe('in')
  expect(await ask()).toBe('DEPTH_ZERO_SELF_SIGNED_CERT')
  server.close()
})
