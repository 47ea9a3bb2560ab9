import { defineNitroPlugin } from 'nitropack/runtime'
import { databaseSettings, openDatabase, provideDatabase } from '../database/client'
import { startBackups } from '../database/backup'
import { LiveHub, provideHub } from '../live/hub'

/** Opens the data before the first request and closes them when the server stops. */
export default defineNitroPlugin((nitro) => {
  const settings = databaseSettings()
  const opening = open()

  async function open() {
    const opened = await openDatabase(settings)
    const hub = new LiveHub(opened)
    await hub.start()
    provideDatabase(opened)
    provideHub(hub)
    return { opened, hub, backups: startBackups(opened, settings.folder) }
  }

  opening.catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error)
    process.exit(1)
  })
  nitro.hooks.hook('request', async () => {
    await opening
  })
  // Open streams would keep the server from stopping.
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, () => void opening.then(({ hub }) => hub.close()))
  nitro.hooks.hook('close', async () => {
    const { opened, backups } = await opening
    backups.stop()
    provideDatabase(null)
    await opened.close()
  })
})
