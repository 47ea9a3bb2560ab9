import { dirname, resolve } from 'node:path'
import { readCertificate } from '../server/running/certificate'
import { buildWhenNeeded } from './build'
import { freePort } from './freePort'
import { makeFrontDoor } from './schools/frontDoor'
import { keepRunning } from './schools/keepRunning'
import { readSchools, type School } from './schools/schoolsFile'

// Runs several schools on one machine, each with a program and a data folder of its own: `npm run schools`, or `npm run schools -- FILE`
// with another file that lists them.
const file = resolve(process.argv[2] ?? 'data/schools/schools.json')
const schools = listed()
const host = process.env.JOLLY_HOST || '127.0.0.1'
const port = Number(process.env.JOLLY_PORT || 3000)

function listed(): School[] {
  try {
    return readSchools(file)
  } catch (error) {
    console.error(error instanceof Error ? error.message : String(error))
    process.exit(1)
  }
}

await buildWhenNeeded()
const ports = new Map<string, number>()
const stops = schools.map(({ name, folder }) =>
  keepRunning(name, [process.execPath, '.output/server/index.mjs'], async () => {
    const own = await freePort()
    ports.set(name, own)
    return {
      ...process.env,
      DATABASE_URL: '',
      JOLLY_DATA: folder,
      JOLLY_NAMES: name,
      JOLLY_HOST: '127.0.0.1',
      JOLLY_PORT: String(own),
    }
  }),
)

const certificate = readCertificate(dirname(file))
const door = makeFrontDoor((name) => ports.get(name), certificate)
const stopAll = () => Promise.all(stops.map((stop) => stop()))
door.once('error', (error) => {
  console.error(`Jolly Beaker cannot be reached at ${host}:${port}: ${error.message}`)
  void stopAll().then(() => process.exit(1))
})
door.listen(port, host, () => {
  const shown = certificate ? 'https' : 'http'
  for (const { name } of schools)
    console.log(`${name}: ${shown}://${name}${port === 80 || port === 443 ? '' : `:${port}`}`)
})

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    door.close()
    door.closeAllConnections()
    void stopAll().then(() => process.exit(0))
  })
