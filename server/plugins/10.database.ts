import { defineNitroPlugin } from 'nitropack/runtime'
import { databaseSettings, openDatabase, provideDatabase } from '../database/client'
import { startBackups } from '../database/backup'
import type { OpenDatabase } from '../database/database'
import { LiveHub, provideHub } from '../live/hub'

const everyMoment = 1000

/** A program whose folder was moved or replaced under it answers nothing more: what it would save is lost. */
function endUnlessOwned(opened: OpenDatabase) {
  if (opened.isOwned()) return
  console.error('The data folder was moved or replaced while Jolly Beaker was running. Start it again.')
  process.exit(1)
}

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
    const watch = setInterval(() => endUnlessOwned(opened), everyMoment)
    watch.unref()
    return { opened, hub, watch, backups: startBackups(opened, settings.folder) }
  }

  opening.catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error)
    process.exit(1)
  })
  nitro.hooks.hook('request', async () => {
    const { opened } = await opening
    endUnlessOwned(opened)
  })
  // Open streams would keep the server from stopping.
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, () => void opening.then(({ hub }) => hub.close()))
  nitro.hooks.hook('close', async () => {
    const { opened, watch, backups } = await opening
    clearInterval(watch)
    backups.stop()
    provideDatabase(null)
    await opened.close()
  })
})
