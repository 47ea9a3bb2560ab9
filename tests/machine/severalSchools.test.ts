import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { request, type IncomingHttpHeaders } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, it, vi } from 'vitest'
import { freePort } from '../../scripts/freePort'
import type { RunningServer } from '../../scripts/runServer'
import { classInput } from '../../server/testing/examples'
import { dataFolder } from '../support/dataFolder'
import { startServer } from '../support/startServer'

const names = ['tidewick.example', 'marlow.example'] as const
const place = mkdtempSync(join(tmpdir(), 'jolly-beaker-schools-'))
let door: { process: ChildProcess; port: number; output: () => string }
const folders: string[] = []
const cookies: string[] = []

interface Answer {
  status: number
  headers: IncomingHttpHeaders
  text: string
}

interface Asked {
  host?: string
  method?: string
  body?: unknown
  headers?: Record<string, string | undefined>
}

/** Asks by a name that no name server knows. */
function ask(
  port: number,
  path: string,
  { host = '127.0.0.1', method = 'GET', body, headers = {} }: Asked = {},
): Promise<Answer> {
  return new Promise((done, fail) => {
    const asked = request(
      { port, path, method, headers: { host, 'content-type': 'application/json', ...headers } },
      (answer) => {
        let text = ''
        answer.on('data', (part: Buffer) => (text += part.toString()))
        answer.on('end', () => done({ status: answer.statusCode!, headers: answer.headers, text }))
      },
    )
    asked.on('error', fail)
    asked.end(body === undefined ? undefined : JSON.stringify(body))
  })
}

/** Sets up a school at its machine, with a class in it. */
async function setUp(server: RunningServer, schoolName: string): Promise<void> {
  const port = Number(new URL(server.url).port)
  const teacher = { name: 'Ms Thorne', passphrase: 'apple pencil window' }
  const made = await ask(port, '/api/set-up', { method: 'POST', body: { schoolName, teacher } })
  expect([made.status, made.text]).toEqual([200, expect.any(String)])
}

beforeAll(async () => {
  for (const name of names) {
    const folder = dataFolder('none')
    const server = await startServer(folder)
    await setUp(server, name)
    await server.stop()
    folders.push(folder)
  }
  const file = join(place, 'schools.json')
  writeFileSync(file, JSON.stringify(names.map((name, at) => ({ name, folder: folders[at] }))))
  const port = await freePort()
  const program = spawn('npm', ['run', '-s', 'schools', '--', file], {
    env: { ...process.env, JOLLY_PORT: String(port) },
    detached: true,
  })
  let output = ''
  for (const stream of [program.stdout, program.stderr])
    stream.on('data', (part: Buffer) => (output += part.toString()))
  door = { process: program, port, output: () => output }
  const answers = async () => {
    for (const host of names) expect(await statusOf(host)).toBe(200)
  }
  await vi.waitFor(answers, { timeout: 120_000, interval: 200 })
})
afterAll(async () => {
  process.kill(-door.process.pid!, 'SIGTERM')
  if (door.process.exitCode === null) await once(door.process, 'exit')
  for (const folder of [place, ...folders]) rmSync(folder, { recursive: true, force: true })
})

const statusOf = (host: string) =>
  ask(door.port, '/api/health', { host }).then(
    ({ status }) => status,
    () => 0,
  )

/** Signs in through the front door. */
async function signIn(host: string): Promise<string> {
  const { status, headers } = await ask(door.port, '/api/session', {
    host,
    method: 'POST',
    body: { name: 'Ms Thorne', passphrase: 'apple pencil window' },
  })
  expect(status).toBe(200)
  return headers['set-cookie']![0]!.split(';')[0]!
}

it('answers by the school’s name, each with its own people, classes and lessons', async () => {
  for (const host of names) {
    const { text } = await ask(door.port, '/api/access', { host })
    expect(JSON.parse(text)).toMatchObject({ schoolName: host, signIn: 'on' })
    cookies.push(await signIn(host))
  }
  const [host, other] = names
  const [cookie] = cookies
  const made = await ask(door.port, '/api/classes', {
    host,
    method: 'POST',
    headers: { cookie },
    body: classInput(),
  })
  expect([made.status, made.text]).toEqual([201, expect.any(String)])
  const { id } = JSON.parse(made.text) as { id: string }
  expect((await ask(door.port, `/api/classes/${id}`, { host, headers: { cookie } })).status).toBe(200)
  // A session of one school is nobody in another, whose teacher does not find the class.
  const foreign = await ask(door.port, `/api/classes/${id}`, { host: other, headers: { cookie } })
  expect(foreign.status).toBe(401)
  const asked = await ask(door.port, `/api/classes/${id}`, { host: other, headers: { cookie: cookies[1] } })
  expect(asked.status).toBe(404)
})

it('refuses every other name, and says nothing of the schools', async () => {
  for (const host of ['127.0.0.1', 'elsewhere.example', 'tidewick.example.elsewhere.example', ''])
    expect(await ask(door.port, '/api/access', { host })).toMatchObject({
      status: 404,
      text: 'No school has this address here.',
    })
})

it('believes nobody who says where they come from', async () => {
  const headers = { 'x-forwarded-proto': 'https', 'x-forwarded-for': '10.0.0.9' }
  const { headers: answered } = await ask(door.port, '/api/session', {
    host: names[0],
    method: 'POST',
    headers,
    body: { name: 'Ms Thorne', passphrase: 'apple pencil window' },
  })
  // Over plain HTTP a cookie that wants HTTPS would never come back.
  expect(answered['set-cookie']![0]).not.toContain('Secure')
})

it('starts a program again that was ended, while the other school goes on', async () => {
  const { stdout } = spawnSync('pgrep', [
    '-f',
    '.output/server/index.mjs',
    '-P',
    String(programOf(door.process.pid!)),
  ])
  const [first] = stdout.toString().split('\n')
  process.kill(Number(first), 'SIGKILL')
  await expect.poll(() => door.output()).toContain(`${names[0]}: stopped`)
  expect(await statusOf(names[1])).toBe(200)
  const meanwhile = await statusOf(names[0])
  expect([200, 503]).toContain(meanwhile)
  await expect.poll(() => statusOf(names[0])).toBe(200)
})

/** The process of the script itself, below those that started it. */
function programOf(pid: number): number {
  const { stdout } = spawnSync('pgrep', ['-P', String(pid)])
  const [child] = stdout.toString().split('\n').filter(Boolean)
  const program = spawnSync('pgrep', ['-f', '.output/server/index.mjs', '-P', String(pid)])
  return program.stdout.toString().trim() || child === undefined ? pid : programOf(Number(child))
}

it('says what is wrong with a list of schools', () => {
  const refused = (content: string) => {
    const file = join(place, 'wrong.json')
    writeFileSync(file, content)
    const { status, stderr } = spawnSync('npm', ['run', '-s', 'schools', '--', file], { encoding: 'utf8' })
    expect(status).toBe(1)
    return stderr
  }
  expect(refused('[{ "name": "a.example"')).toMatch(/can’t be read .* lists schools like this/s)
  expect(refused('[{ "name": "a b", "folder": "x" }]')).toMatch(/can’t be used: .*name.* valid hostname/)
  const twice = '[{ "name": "a.example", "folder": "x" }, { "name": "b.example", "folder": "./x" }]'
  expect(refused(twice)).toMatch(/two schools have the same folder/)
})
